import type { CatalogueSaved } from '../../lib/types';

/** What is said once a file was taken back: what somebody has changed since stays. */
export function takenBack({ left, leftCount }: Pick<CatalogueSaved, 'left' | 'leftCount'>): string {
    return leftCount === 0
        ? 'It is as it was.'
        : `It is as it was, but for what was changed since: ${left.join(', ')}.`;
}
