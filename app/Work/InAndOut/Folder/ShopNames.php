<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Vestibra\App\Records\Catalogue\LivingNames;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Stored\OldAddresses;
use Vestibra\App\Work\InAndOut\Folder\Sql\NamedRows;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Formats\Shop\FolderNames;

/**
 * What things are called in a folder: by their address name; options by name, values as `Nib: Fine`, pictures and files
 * as they are kept. What the folder has and the shop does not yet has a number below zero until it is made.
 */
final class ShopNames implements FolderNames
{
    /** @var array<string, array<int, string>> */
    private array $names = [];

    /** @var array<string, array<string, int>> */
    private array $ids = [];

    /** @var array<string, array<string, int>> what is called otherwise in the folder */
    private array $also = [];

    /** @var array<string, array<int, int>> */
    private array $merged = [];

    private int $next = -1;

    public function __construct(private readonly OldAddresses $addresses)
    {
    }

    public function nameOf(string $what, int $id): ?string
    {
        $this->load($what);

        return $this->names[$what][$id] ?? $this->names[$what][$this->merged[$what][$id] ?? 0] ?? null;
    }

    public function idOf(string $what, string $name): ?int
    {
        $this->load($what);

        return $this->also[$what][$name] ?? $this->ids[$what][$name] ?? $this->earlier($what, $name);
    }

    /** Whether the shop itself has it under this very name. */
    public function has(string $what, string $name): bool
    {
        $this->load($what);

        return isset($this->ids[$what][$name]);
    }

    /** @return int the number below zero under which others may name it until it is made */
    public function announce(string $what, string $name): int
    {
        return $this->also[$what][$name] ??= $this->next--;
    }

    /** Something is found under another name, or under its own number now. */
    public function alias(string $what, string $name, int $id): void
    {
        $this->also[$what][$name] = $id;
    }

    /** A number below zero for what nothing names. */
    public function fresh(): int
    {
        return $this->next--;
    }

    /** @param  array<string, int>  $numbers  `tag/-1` => its own number, from now on */
    public function settle(array $numbers): void
    {
        foreach ($this->also as $what => $names) {
            foreach ($names as $name => $id) {
                if (isset($numbers["$what/$id"])) {
                    $this->also[$what][$name] = $numbers["$what/$id"];
                }
            }
        }
    }

    /** @return list<int> */
    public function all(string $what): array
    {
        $this->load($what);

        return array_keys($this->names[$what]);
    }

    public function forget(): void
    {
        $this->names = $this->ids = $this->also = $this->merged = [];
    }

    private function earlier(string $what, string $name): ?int
    {
        $thing = in_array($what, ['product', 'category', 'collection', 'brand', 'tag'], true)
            ? Thing::from($what)
            : null;

        return $thing === null ? null : $this->addresses->thing($thing, $name)['id'] ?? null;
    }

    /** Rules may still name what was merged into something else. */
    private function loadMerged(string $what): void
    {
        [$table, $into] = LivingNames::MERGED[$what] ?? ['', ''];
        foreach ($table === '' ? [] : Rows::in($table)->get(['merged_id', "$into as into"]) as $row) {
            $this->merged[$what][(int) $row->merged_id] = (int) $row->into;
        }
    }

    private function load(string $what): void
    {
        if (isset($this->names[$what]) || ! NamedRows::knows($what)) {
            return;
        }
        $this->names[$what] = $this->ids[$what] = [];
        foreach (NamedRows::each($what) as $row) {
            $name = (string) $row->name;
            for ($count = 2; isset($this->ids[$what][$name]); $count++) {
                $name = $what === 'picture' ? "$row->name-$count" : "$row->name ($count)";
            }
            $this->names[$what][(int) $row->id] = $name;
            $this->ids[$what][$name] = (int) $row->id;
        }
        $this->loadMerged($what);
    }
}
