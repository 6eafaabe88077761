/** Asks for a turn; what comes back gives it up again, whether it has come yet or not. */
export type Turn = (begin: () => void) => () => void;

/** Of much that is wanted at once only a few are under way: who asked first comes first. */
export function aFewAtATime(few: number): Turn {
    const waiting = new Set<() => void>();
    let underWay = 0;

    function next(): void {
        for (const begin of waiting) {
            if (underWay >= few) return;
            waiting.delete(begin);
            underWay += 1;
            begin();
        }
    }

    return (begin) => {
        let state: 'waits' | 'runs' | 'over' = 'waits';
        const start = () => {
            state = 'runs';
            begin();
        };
        waiting.add(start);
        next();
        return () => {
            if (state === 'waits') waiting.delete(start);
            if (state === 'runs') underWay -= 1;
            state = 'over';
            next();
        };
    };
}
