import type { HouseFont } from '../../lib/types';

/** Families of the list are fetched when somebody looks at it, so that each shows itself. */
export class Specimen {
    private readonly fetched: string[] = [];

    constructor(private readonly fonts: () => HouseFont[]) {}

    show(keys: string[] | null = null): void {
        for (const font of this.fonts()) {
            if (this.fetched.includes(font.key) || (keys !== null && !keys.includes(font.key))) continue;
            this.fetched.push(font.key);
            const face = new FontFace(`specimen ${font.key}`, `url(${font.file})`, { weight: '400 700' });
            void face.load().then(
                (loaded) => document.fonts.add(loaded),
                () => undefined,
            );
        }
    }
}
