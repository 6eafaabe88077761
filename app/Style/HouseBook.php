<?php

declare(strict_types=1);

namespace Vestibra\App\Style;

use Illuminate\Support\Facades\Gate;
use stdClass;
use Vestibra\App\Records\Models\HouseStyle as HouseStyleRow;
use Vestibra\App\Records\Settings\LiveSettings;
use Vestibra\App\Style\Sql\FontUses;
use Vestibra\Core\Problem;
use Vestibra\Core\Styling\HouseProblem;
use Vestibra\Core\Styling\HouseStyle;
use Vestibra\Core\Styling\HouseTokens;

/**
 * The house styles that the shop keeps: each with what it is when in use and with a draft; one is in use. What is in
 * use changes through releases alone.
 *
 * @shape HouseRow array{id: int, name: string, inUse: bool, changed: int}
 */
final class HouseBook
{
    public const MOST = 24;

    private ?HouseStyle $now = null;

    private ?string $nowStored = null;

    private HouseStyle|false|null $looked = null;

    public function __construct(private readonly AskedHouse $asked, private readonly LiveSettings $settings)
    {
    }

    /** What the shop's pages look like: the style in use, or the draft that somebody of the Studio looks with. */
    public function now(): HouseStyle
    {
        $looked = $this->lookedWith();

        return $looked ?? $this->asInUse();
    }

    private function asInUse(): HouseStyle
    {
        $stored = $this->settings->house();
        if ($this->now === null || $stored !== $this->nowStored) {
            [$this->now, $this->nowStored] = [self::read($stored), $stored];
        }

        return $this->now;
    }

    /** Whether somebody of the Studio looks with another style than the one in use. */
    public function isLookedWith(): bool
    {
        return $this->lookedWith() !== null;
    }

    public static function live(): HouseStyle
    {
        $stored = HouseStyleRow::query()->toBase()->where('in_use', true)->value('live');

        return self::read(is_string($stored) ? $stored : null);
    }

    /** @return list<array{id: int, name: string, inUse: bool, changed: int}> */
    public function all(): array
    {
        return array_values(HouseStyleRow::query()->toBase()->orderBy('id')->get()->map(
            static fn (stdClass $row): array => [
                'id' => (int) $row->id,
                'name' => (string) $row->name,
                'inUse' => (bool) $row->in_use,
                'changed' => count(self::difference(self::read($row->draft), self::read($row->live))),
            ],
        )->all());
    }

    /** @return stdClass|null a row of the table */
    public function find(int $id): ?stdClass
    {
        $row = HouseStyleRow::query()->toBase()->where('id', $id)->first();

        return $row instanceof stdClass ? $row : null;
    }

    public function inUse(): int
    {
        return (int) HouseStyleRow::query()->toBase()->where('in_use', true)->value('id');
    }

    public static function read(mixed $stored): HouseStyle
    {
        return HouseStyle::fromStored((array) json_decode(is_string($stored) ? $stored : '{}', true));
    }

    /** @return list<string> what is decided differently; what merely follows a decision is none of its own */
    public static function difference(HouseStyle $one, HouseStyle $other): array
    {
        [$mine, $theirs] = [$one->own(), $other->own()];

        return array_values(array_filter(
            array_keys(HouseTokens::all()),
            static fn (string $name): bool => ($mine[$name] ?? null) !== ($theirs[$name] ?? null),
        ));
    }

    /**
     * @param  array<array-key, mixed>  $values  untrusted; null: as usual
     * @return list<Problem>
     */
    public function problems(array $values): array
    {
        $problems = [];
        foreach ($values as $name => $value) {
            $token = HouseTokens::all()[$name] ?? null;
            $problems[] = match (true) {
                $token === null => HouseProblem::NoToken->at((string) $name, [
                    'name' => mb_substr((string) $name, 0, 60),
                ]),
                $value === null => null,
                ! is_string($value) || ! $token->kind->takes($value) => HouseProblem::NotAValue->at($token->name, [
                    'name' => $token->label,
                ]),
                ! $token->takes($value) => HouseProblem::Outside->at(
                    $token->name,
                    ['name' => $token->label, 'least' => (string) $token->least, 'most' => (string) $token->most],
                ),
                default => null,
            };
        }

        return array_values(array_filter($problems));
    }

    /** @param  array<array-key, mixed>  $values  checked */
    public function set(int $id, array $values): void
    {
        $draft = self::read(HouseStyleRow::query()->toBase()->where('id', $id)->value('draft'))->own();
        foreach ($values as $name => $value) {
            unset($draft[$name]);
            if (is_string($value)) {
                $draft[(string) $name] = $value;
            }
        }
        HouseStyleRow::query()->toBase()
            ->where('id', $id)
            ->update(['draft' => self::written(HouseStyle::fromStored($draft))]);
    }

    public function throwAway(int $id): void
    {
        HouseStyleRow::query()->toBase()
            ->where('id', $id)
            ->update(['draft' => HouseStyleRow::query()->toBase()->where('id', $id)->value('live')]);
    }

    public function keep(string $name, HouseStyle $style): int|Problem
    {
        $problem = $this->nameProblem($name, null);
        if ($problem !== null) {
            return $problem;
        }
        $written = self::written($style);

        return (int) HouseStyleRow::query()->toBase()->insertGetId([
            'name' => $name, 'live' => $written, 'draft' => $written, 'in_use' => false,
        ]);
    }

    public function rename(int $id, string $name): ?Problem
    {
        $problem = $this->nameProblem($name, $id);
        if ($problem === null) {
            HouseStyleRow::query()->toBase()->where('id', $id)->update(['name' => $name]);
        }

        return $problem;
    }

    /** @return Problem|null why it cannot be let go of */
    public function letGo(int $id): ?Problem
    {
        $row = $this->find($id);
        $problem = match (true) {
            $row === null => null,
            (bool) $row->in_use => HouseProblem::InUse->at(),
            FontUses::isAwaited($id) => HouseProblem::Awaited->at(),
            default => null,
        };
        if ($problem === null) {
            HouseStyleRow::query()->toBase()->where('id', $id)->delete();
        }

        return $problem;
    }

    public static function written(HouseStyle $style): string
    {
        return (string) json_encode((object) $style->own());
    }

    private function nameProblem(string $name, ?int $id): ?Problem
    {
        return match (true) {
            preg_match('/\S/u', $name) !== 1 || mb_strlen($name) > 60 => HouseProblem::NoName->at(),
            HouseStyleRow::query()->toBase()->where('name', $name)->where('id', '!=', (int) $id)->exists() =>
                HouseProblem::NameTaken->at('', ['name' => $name]),
            $id === null && HouseStyleRow::query()->toBase()->count() >= self::MOST => HouseProblem::TooMany->at('', [
                'most' => self::MOST,
            ]),
            default => null,
        };
    }

    private function lookedWith(): ?HouseStyle
    {
        if ($this->looked === null) {
            $id = $this->asked->id;
            $row = $id > 0 && Gate::allows('see-studio') ? $this->find($id) : null;
            $this->looked = $row === null ? false : self::read($row->draft);
        }

        return $this->looked ?: null;
    }
}
