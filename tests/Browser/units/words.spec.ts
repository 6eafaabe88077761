import { expect, test } from '@playwright/test';
import { plural } from '../../../blocks/Countdown/plural';
import { formsOf, patternOf } from '../../../studio/screens/words/forms';

test('a countdown says its numbers as the server does, in every form of the language', () => {
    const days = '{count, plural, one {# day} other {# days}}';
    expect([0, 1, 2, 1200].map((count) => plural(days, count, 'en'))).toEqual([
        '0 days',
        '1 day',
        '2 days',
        '1,200 days',
    ]);
    const polish = '{count, plural, one {# a} few {# b} many {# c} other {# d}}';
    expect([1, 3, 5, 22].map((count) => plural(polish, count, 'pl'))).toEqual(['1 a', '3 b', '5 c', '22 b']);
    expect(plural('{count, plural, =0 {none} other {#}}', 0, 'en')).toBe('none');
    expect(plural('noch {count} Tage', 3, 'de')).toBe('noch 3 Tage');
    expect(plural('soon', 3, 'en')).toBe('soon');
});

test('a message about a number is taken apart into its forms and put together again', () => {
    const pattern = '{count, plural, one {# review} other {# reviews}}';
    const forms = formsOf(pattern);
    expect(forms).toEqual({
        value: 'count',
        forms: [
            { name: 'one', words: '# review' },
            { name: 'other', words: '# reviews' },
        ],
    });
    expect(forms && patternOf(forms)).toBe(pattern);
    expect(formsOf('Only {left} left')).toBeNull();
    expect(formsOf('{count, plural, one {#} other {#}} more')).toBeNull();
});
