export type { CardRow, PartRow, Start, TemplateRow, TemplatesData } from '../../lib/types';
