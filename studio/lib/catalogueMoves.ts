import { pagesOf } from './pages';
import type { CatalogueMoves } from './types';
import { counted } from './words';

/** As “Saving moves its page from ‘Inks’ to ‘Shimmer inks’.”; empty when nothing moves. */
export function movesSentence(moves: CatalogueMoves, ahead: boolean): string {
    const parts: string[] = [];
    const [only] = moves.moves;
    if (moves.moved === 1 && only) {
        parts.push(
            `${ahead ? 'Saving moves' : 'It moved'} the page of “${only.pages[0]?.title ?? ''}” from “${only.fromName}” to “${only.toName}”.`,
        );
    } else if (moves.moved > 1) {
        parts.push(ahead ? `Saving moves ${counted(moves.moved, 'page')}.` : `${counted(moves.moved, 'page')} moved.`);
    }
    for (const one of moves.arrivals) {
        const what = one.count === 1 ? `The page of “${one.pages[0]?.title ?? ''}”` : pagesOf(one.pageKind, one.count);
        parts.push(ahead ? `${what} will get “${one.toName}”.` : `${what} got “${one.toName}”.`);
    }
    if (moves.gone > 0)
        parts.push(
            ahead
                ? `${counted(moves.gone, 'page')} will be gone.`
                : `${counted(moves.gone, 'page is', 'pages are')} gone.`,
        );
    return parts.join(' ');
}
