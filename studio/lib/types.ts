import type { ScreenFrame } from '../generated/shapes';

export type * from '../generated/names';
export type * from '../generated/shapes';

/** A screen with what it shows at first. */
export type Screen<Data> = Omit<ScreenFrame, 'data'> & { data: Data };
