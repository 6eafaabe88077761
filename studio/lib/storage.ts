type Area = 'localStorage' | 'sessionStorage';

/**
 * What a browser keeps for a window or for itself, as how wide a column is. Where its store is full or forbidden
 * (private windows, cookies refused) nothing is kept and nothing fails: work itself is never entrusted to it alone.
 */
class Kept {
    constructor(private readonly area: Area) {}

    get(name: string): string | null {
        try {
            return window[this.area].getItem(name);
        } catch {
            return null;
        }
    }

    /** Answers whether it is kept. */
    set(name: string, text: string): boolean {
        try {
            window[this.area].setItem(name, text);
            return true;
        } catch {
            return false;
        }
    }

    remove(name: string): void {
        try {
            window[this.area].removeItem(name);
        } catch {
            // Nothing is kept, so nothing has to go.
        }
    }

    names(): string[] {
        try {
            return Object.keys(window[this.area]);
        } catch {
            return [];
        }
    }
}

export const inBrowser = new Kept('localStorage');
export const inWindow = new Kept('sessionStorage');
