import {
    ColorSpace,
    to,
    sRGB,
    sRGB_Linear,
    P3,
    P3_Linear,
    A98RGB,
    ProPhoto,
    REC_2020,
    Lab,
    LCH,
    OKLab,
    OKLCH,
    XYZ_D50,
    XYZ_D65,
    HSL,
    HWB,
} from 'colorjs.io/fn';

export interface Rgba {
    r: number;
    g: number;
    b: number;
    a: number;
}

/** Those in which browsers say what they have computed (CSS Color 4, "Serializing <color> values"). */
for (const space of [
    sRGB,
    sRGB_Linear,
    P3,
    P3_Linear,
    A98RGB,
    ProPhoto,
    REC_2020,
    Lab,
    LCH,
    OKLab,
    OKLCH,
    XYZ_D50,
    XYZ_D65,
    HSL,
    HWB,
])
    ColorSpace.register(space);

/** A colour in any space; what lies outside sRGB comes to the nearest in it, as on a screen that shows no more. */
export function fromOtherSpace(text: string): Rgba | null {
    try {
        const { coords, alpha } = to(text, sRGB, { inGamut: true });
        const [r, g, b] = coords.map((one) => (one ?? 0) * 255);
        return { r: r ?? 0, g: g ?? 0, b: b ?? 0, a: alpha ?? 1 };
    } catch {
        return null;
    }
}
