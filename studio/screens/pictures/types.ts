export type { Picture, PictureUses as Uses } from '../../lib/types';
