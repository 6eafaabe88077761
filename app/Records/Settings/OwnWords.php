<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Settings;

use Vestibra\App\Ground\Problems\WordsProblem;
use Vestibra\App\Records\Models\Shop\OwnWords as OwnWordsRow;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Problem;

/** The owner's own words instead of those that ship: a draft, and what customers read. */
final readonly class OwnWords
{
    public const LONGEST = 300;

    public function __construct(private ShopMessages $messages)
    {
    }

    /** @return array<string, string> by message */
    public function draft(): array
    {
        return self::read((string) OwnWordsRow::query()->toBase()->value('draft'));
    }

    /** @return array{array<string, string>, array<string, string>} the draft and what is live, by message */
    public function both(): array
    {
        $row = OwnWordsRow::query()->toBase()->first(['draft', 'live']);

        return [self::read((string) $row?->draft), self::read((string) $row?->live)];
    }

    /** @return array<string, string|null> what the draft has and the shop has not; null: those that ship */
    public function unpublished(): array
    {
        [$draft, $live] = $this->both();
        $changed = [];
        foreach ($draft + $live as $key => $words) {
            if (($draft[$key] ?? null) !== ($live[$key] ?? null)) {
                $changed[$key] = $draft[$key] ?? null;
            }
        }
        ksort($changed);

        return $changed;
    }

    /** Puts words into the draft; null and those that ship take the own ones out. */
    public function set(string $key, ?string $words): ?Problem
    {
        $shipped = $this->messages->shipped()[$key] ?? null;
        $problem = $shipped === null
            ? WordsProblem::NoMessage->at()
            : ($words === null ? null : $this->problem($words, $shipped));
        if ($problem !== null) {
            return $problem;
        }
        $draft = $this->draft();
        unset($draft[$key]);
        OwnWordsRow::query()->toBase()->update(['draft' => self::written($draft
            + ($words === null || $words === $shipped ? [] : [$key => $words]))]);

        return null;
    }

    private function problem(string $words, string $shipped): ?Problem
    {
        $strange = array_values(array_diff(Messages::takes($words), Messages::takes($shipped)));

        return match (true) {
            preg_match('/\S/u', $words) !== 1 => WordsProblem::Nothing->at(),
            mb_strlen($words) > self::LONGEST => WordsProblem::TooLong->at('', ['most' => self::LONGEST]),
            $strange !== [] => WordsProblem::StrangeValue->at(
                '',
                ['value' => "{{$strange[0]}}", 'takes' => $this->named(Messages::takes($shipped))],
            ),
            ! Messages::isGood($this->messages->locale, $words, $shipped) => WordsProblem::Brackets->at(),
            default => null,
        };
    }

    /** @param  list<string>  $values */
    private function named(array $values): string
    {
        return $values === []
            ? 'none'
            : implode(', ', array_map(static fn (string $value): string => "{{$value}}", $values));
    }

    /** @return array<string, string> */
    public static function read(string $stored): array
    {
        return array_filter((array) json_decode($stored, true), is_string(...));
    }

    /** @param  array<string, string>  $words */
    public static function written(array $words): string
    {
        ksort($words);

        return (string) json_encode((object) $words, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR);
    }
}
