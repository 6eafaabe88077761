/** When the next frame is on the screen; in a window that nobody looks at, which paints no frames, a moment later. */
export function painted(): Promise<void> {
    return new Promise((resolve) => {
        requestAnimationFrame(() => setTimeout(() => setTimeout(resolve)));
        setTimeout(resolve, 60);
    });
}
