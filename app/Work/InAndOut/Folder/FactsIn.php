<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Vestibra\App\Work\Sheets\FactList;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Problem;

/** The facts that the shop has defined, from the one file that they stand in. What is not in it any more stays. */
final readonly class FactsIn
{
    private const KEYS = ['name', 'was', 'kind', 'unit', 'decimals', 'choices', 'group'];

    public function __construct(
        private FactList $facts,
        private ShopNames $names,
    ) {
    }

    /** @param  array<string, mixed>  $file */
    public function read(array $file, Taking $taking): void
    {
        $known = array_column($this->facts->all(), null, 'id');
        $order = [];
        foreach (is_array($file['facts'] ?? null) ? array_values($file['facts']) : [] as $index => $given) {
            $read = self::one($given);
            if ($read instanceof Problem) {
                $taking->problem(ShopFolder::FACTS, $read->code->at("facts/$index", $read->values));

                continue;
            }
            $id = $this->names->idOf('fact', $read['was']);
            $stands = $id === null ? null : $known[$id] ?? null;
            $done = match (true) {
                $stands === null => $this->facts->define($read['fact']),
                $stands['kind'] !== $read['fact']['kind'] || $stands['decimals'] !== $read['fact']['decimals'] =>
                    FileFormatProblem::FactKindFixed->at('', ['name' => $read['was']]),
                array_diff_key($stands, ['id' => 0, 'filled' => 0]) === $read['fact'] => null,
                default => $this->facts->change($stands['id'], $read['fact']) ?? 0,
            };
            if ($done instanceof Problem) {
                $taking->problem(ShopFolder::FACTS, $done->code->at("facts/$index", $done->values));

                continue;
            }
            if ($done !== null) {
                $taking->counts[$stands === null ? 'made' : 'changed']++;
                $taking->did(ShopFolder::FACTS, 'changed', [$read['fact']['name']]);
            }
            $order[] = $stands['id'] ?? (int) $done;
            $this->names->alias('fact', $read['fact']['name'], $stands['id'] ?? (int) $done);
        }
        $stood = array_values(array_intersect(array_keys($known), $order));
        if ($stood !== array_values(array_intersect($order, $stood))) {
            $this->facts->order($order);
            $taking->did(ShopFolder::FACTS, 'changed', ['order']);
        }
    }

    /**
     * @return array{was: string, fact: array{name: string, kind: string, unit: string, decimals: int,
     *     choices: list<string>, group: string}}|Problem
     */
    private static function one(mixed $given): array|Problem
    {
        if (! is_array($given) || ! is_string($given['name'] ?? null) || mb_strlen($given['name']) > 100) {
            return FileFormatProblem::UnknownKey->at('', ['key' => 'name']);
        }
        foreach (array_diff(array_map(strval(...), array_keys($given)), self::KEYS) as $unknown) {
            return FileFormatProblem::UnknownKey->at('', ['key' => mb_substr($unknown, 0, 60)]);
        }
        $choices = is_array($given['choices'] ?? null) ? $given['choices'] : [];
        $decimals = $given['decimals'] ?? 0;
        $unit = $given['unit'] ?? '';
        $group = $given['group'] ?? '';
        if (! is_int($decimals) || $decimals < 0 || $decimals > 6 || ! is_string($unit) || mb_strlen(
            $unit,
        ) > 40 || ! is_string($group) || mb_strlen($group) > 100) {
            return FileFormatProblem::UnknownKey->at('', ['key' => 'decimals, unit or group']);
        }

        return ['was' => is_string($given['was'] ?? null) ? $given['was'] : $given['name'], 'fact' => [
            'name' => trim($given['name']),
            'kind' => is_string($given['kind'] ?? null) ? $given['kind'] : FactKind::Text->value,
            'unit' => $unit,
            'decimals' => $decimals,
            'choices' => array_values(array_filter($choices, is_string(...))),
            'group' => $group,
        ]];
    }
}
