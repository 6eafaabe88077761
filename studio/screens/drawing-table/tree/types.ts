export type {
    Field,
    FieldComparison,
    KeptPart,
    SamplePage,
    TableData,
    TableFact as Fact,
    Takes,
} from '../../../lib/types';
