/** One piece of work after another: what is asked for meanwhile starts from how the one before has left things. */
export function inTurn(): (work: () => Promise<void>) => Promise<void> {
    let last = Promise.resolve();
    return (work) => (last = last.then(work, work));
}
