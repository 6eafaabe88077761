declare module 'wcag-contrast' {
    export function hex(one: string, other: string): number;
}
