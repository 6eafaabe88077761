<?php

declare(strict_types=1);

namespace Vestibra\App\Words;

use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Styling\Width;
use Vestibra\Core\Templates\Difference;
use Vestibra\Core\Templates\Source;
use Vestibra\Core\Templates\Types\Order;

/** What a draft changes, in the shopkeeper's words. */
final readonly class DifferenceWords
{
    private const LONGEST = 60;

    public function __construct(
        private Composer $composer,
        private Messages $messages,
    ) {
    }

    public function of(Difference $difference): string
    {
        $name = $this->composer->schema->definition($difference->kind)->name ?? '';

        return match ($difference->what) {
            Difference::PUT_IN => "$name put in",
            Difference::TAKEN_OUT => "$name taken out",
            Difference::MOVED => "$name moved",
            Difference::REACH => 'Where it appears changed',
            default => $this->setting($name, $difference),
        };
    }

    private function setting(string $name, Difference $difference): string
    {
        $label = $difference->setting->label ?? '';
        $width = $difference->width === '' || $difference->width === Width::Desktop->value
            ? ''
            : " on $difference->width";
        if ($difference->setting?->type instanceof Order) {
            return "$name: another order of its blocks$width";
        }
        $from = $this->value($difference, $difference->before);
        $to = $this->value($difference, $difference->after);

        return "$name: ".mb_strtolower(mb_substr($label, 0, 1)).mb_substr($label, 1)."$width, from $from to $to";
    }

    private function value(Difference $difference, mixed $value): string
    {
        $value ??= $difference->setting?->says === null
            ? $difference->setting?->default
            : $this->messages->say($difference->setting->says);
        $described = $difference->setting?->type->describe() ?? [];
        $source = Source::of($value);

        return match (true) {
            $source !== null => "the product’s {$source->words()}",
            $value === null => 'the house style',
            is_bool($value) => $value ? 'yes' : 'no',
            is_string($value) && ($described['type'] ?? '') === 'measure' =>
                str_replace(['step-', 'size-'], ['step ', 'size '], $value),
            is_string($value) => self::choice($described, $value)
                ?? '“'.mb_strimwidth($value, 0, self::LONGEST, '…').'”',
            is_int($value) && ($described['type'] ?? '') === 'measure' => "$value px",
            is_int($value) => trim($value.' '.(is_string($described['unit'] ?? null) ? $described['unit'] : '')),
            is_array($value) => implode(', ', array_filter($value, is_string(...))),
            default => '',
        };
    }

    /** @param  array<string, mixed>  $described */
    private static function choice(array $described, string $value): ?string
    {
        foreach (is_array($described['options'] ?? null) ? $described['options'] : [] as $option) {
            if (is_array($option) && ($option['value'] ?? null) === $value && is_string($option['words'] ?? null)) {
                return $option['words'];
            }
        }

        return isset($described['roles']) ? $value : null;
    }
}
