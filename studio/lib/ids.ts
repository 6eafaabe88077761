/** An id that nobody else makes; also where the page is not served securely. */
export function freshId(): string {
    return crypto.getRandomValues(new Uint32Array(3)).reduce((text, part) => text + part.toString(36), '');
}
