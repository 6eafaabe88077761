<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Catalogue;

use Vestibra\App\Records\Models\Catalogue\Fact as FactRow;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\Core\Catalogue\Fact;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\FactValue;

/** Whether a fact takes what somebody wrote, in words. */
final class FactCheck
{
    /** @var array<int, mixed>|null by fact */
    private ?array $choices = null;

    /** @param  list<string>  $written */
    public function wrong(Fact $fact, array $written): ?string
    {
        if ($fact->kind === FactKind::Blocks) {
            return "“{$fact->name}” is laid out on the drawing table, from the product’s own page.";
        }
        $choices = $this->choices()[$fact->id] ?? [];
        if ($fact->kind === FactKind::Choice && is_array($choices) && array_diff($written, $choices) !== []) {
            return "“{$fact->name}” does not offer this choice.";
        }
        foreach ($written as $one) {
            if (FactValue::compared($fact, $one) === null) {
                return match ($fact->kind) {
                    FactKind::Number => "“{$fact->name}” takes a number, as ".(
                        $fact->decimals === 0 ? '4' : '0.'.str_repeat('0', $fact->decimals - 1).'4'
                    ).'.',
                    FactKind::Date => "“{$fact->name}” takes a day, as 2026-12-31.",
                    FactKind::Link => "“{$fact->name}” takes a page of the shop, as /c/inks, or an address that "
                        .'begins with https, http, mailto or tel.',
                    FactKind::Picture, FactKind::Files,
                    FactKind::Products => "“{$fact->name}” is chosen on the product’s own page.",
                    FactKind::YesNo => "“{$fact->name}” takes yes or no.",
                    default => "“{$fact->name}” takes words.",
                };
            }
        }
        if ($fact->kind->namesThings() && self::unknown($fact->kind, $written)) {
            return "“{$fact->name}” names something that is gone. Choose again on the product’s own page.";
        }

        return count($written) > 1 && ! $fact->kind->takesSeveral() ? "“{$fact->name}” takes one value." : null;
    }

    /**
     * As it is kept: HTML is made safe on the way in.
     *
     * @param  list<string>  $written
     * @return list<string>
     */
    public static function safe(Fact $fact, array $written): array
    {
        return $fact->kind === FactKind::RichText ? array_map(SafeHtml::clean(...), $written) : $written;
    }

    /** Choices may have changed. */
    public function forget(): void
    {
        $this->choices = null;
    }

    /** @return array<int, mixed> */
    private function choices(): array
    {
        return $this->choices ??= array_map(
            static fn (mixed $stored): mixed => json_decode(is_string($stored) ? $stored : '[]', true),
            FactRow::query()->toBase()->pluck('choices', 'id')->all(),
        );
    }

    /** @param  list<string>  $written */
    private static function unknown(FactKind $kind, array $written): bool
    {
        $table = [
            FactKind::Picture->value => 'pictures',
            FactKind::Files->value => 'files',
            FactKind::Products->value => 'products',
        ][$kind->value]
            ?? '';

        return Rows::in($table)->whereIntegerInRaw('id', array_map(intval(...), $written))->count() < count($written);
    }
}
