export type { CardRow, DeletedRow, PartRow, Start, TemplateRow, TemplatesData } from '../../lib/types';
