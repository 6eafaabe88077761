export type { Content, ProductData } from '../../lib/types';
