import type { Component } from 'svelte';
import type { SettingTypeName } from '../../../../lib/types';
import AmountField from './AmountField.svelte';
import AmountStyle from './AmountStyle.svelte';
import AroundField from './AroundField.svelte';
import CardField from './CardField.svelte';
import ChoiceField from './ChoiceField.svelte';
import ChoiceStyle from './ChoiceStyle.svelte';
import ColourStyle from './ColourStyle.svelte';
import ConditionsField from './ConditionsField.svelte';
import DayField from './DayField.svelte';
import DaysField from './DaysField.svelte';
import ExtentStyle from './ExtentStyle.svelte';
import HtmlCodeField from './HtmlCodeField.svelte';
import LinksField from './LinksField.svelte';
import MeasureStyle from './MeasureStyle.svelte';
import PictureChoiceField from './PictureChoiceField.svelte';
import PictureStyle from './PictureStyle.svelte';
import type { FieldProps, StyleProps } from './props';
import ProportionStyle from './ProportionStyle.svelte';
import RichTextField from './RichTextField.svelte';
import RuleSetting from './RuleSetting.svelte';
import SeveralField from './SeveralField.svelte';
import ShadowStyle from './ShadowStyle.svelte';
import StepStyle from './StepStyle.svelte';
import ThingsField from './ThingsField.svelte';
import TimeField from './TimeField.svelte';
import ToggleField from './ToggleField.svelte';
import ToggleStyle from './ToggleStyle.svelte';
import WidthsField from './WidthsField.svelte';
import WordsField from './WordsField.svelte';

interface Entry {
    /** For a value of the block itself. */
    field?: Component<FieldProps>;
    /** For a style. */
    style?: Component<StyleProps>;
    /** The field brings its label with it. */
    labelled?: true;
    /** The field takes the whole row beneath its label. */
    wide?: true;
}

/** How each type of setting is set: the one table. A type that PHP has and this has not does not compile. */
export const FIELDS: Record<SettingTypeName, Entry> = {
    amount: { field: AmountField, style: AmountStyle },
    around: { field: AroundField },
    card: { field: CardField },
    choice: { field: ChoiceField, style: ChoiceStyle },
    colour: { style: ColourStyle },
    conditions: { field: ConditionsField },
    day: { field: DayField },
    days: { field: DaysField },
    extent: { style: ExtentStyle },
    html: { field: HtmlCodeField, wide: true },
    link: { field: WordsField },
    links: { field: LinksField, wide: true },
    measure: { style: MeasureStyle },
    numbered: { field: ThingsField },
    numbers: { field: ThingsField },
    // A band's own list.
    order: {},
    picture: { field: PictureChoiceField, style: PictureStyle },
    proportion: { style: ProportionStyle },
    products: { field: ThingsField },
    'rich-text': { field: RichTextField },
    rule: { field: RuleSetting, wide: true },
    several: { field: SeveralField },
    shadow: { style: ShadowStyle },
    step: { style: StepStyle },
    text: { field: WordsField },
    time: { field: TimeField },
    toggle: { field: ToggleField, style: ToggleStyle, labelled: true },
    widths: { field: WidthsField, labelled: true },
};
