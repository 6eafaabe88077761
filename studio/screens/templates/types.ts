export type { PartRow, Start, TemplateRow, TemplatesData } from '../../lib/types';
