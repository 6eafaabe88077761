<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Folder;

use Vestibra\App\Records\Models\Catalogue\Category;
use Vestibra\App\Records\Models\Shop\OldAddressName;
use Vestibra\App\Records\Stored\StoredThings;
use Vestibra\Core\Catalogue\AddressName;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\Shop\ShopFolder;
use Vestibra\Core\Formats\Shop\ThingFile;
use Vestibra\Core\Problem;

/** Brands, tags, categories and collections, from a file each; and what products have in common with them. */
final readonly class ThingsIn
{
    private const AT_ONCE = 200;

    public function __construct(
        private ThingFiles $written,
        private StoredThings $things,
    ) {
    }

    /**
     * @param  list<string>  $names  of the files to read
     * @return array<string, array{id: int, given: array<string, mixed>, stands: array<string, mixed>|null}> by
     *     name: those that are well so far
     */
    public function open(Thing $thing, array $names, FolderFiles $files, Taking $taking): array
    {
        $ids = $opened = [];
        foreach ($names as $name) {
            $ids[$name] = $this->written->names->idOf($thing->value, $name);
        }
        $known = array_values(array_filter($ids, static fn (?int $id): bool => $id !== null && $id > 0));
        $stands = $this->things->read($thing, $known);
        $written = $this->written->of($thing, $known);
        foreach ($ids as $name => $id) {
            $path = ShopFolder::path($thing, (string) $name);
            $given = $files->read($path, $thing->value);
            if ($given instanceof Problem) {
                $taking->problem($path, $given);
            } elseif ($id !== null) {
                $this->unknownKeys($thing, $path, $given, $taking);
                $this->earlier($path, $given, $written[$id] ?? null, $taking);
                $opened[(string) $name] = ['id' => $id, 'given' => $given, 'stands' => $stands[$id] ?? null];
            }
        }

        return $opened;
    }

    /**
     * Says what was changed in the folder and in the shop too. Before anything is saved: what is saved changes how
     * other things are written.
     *
     * @param  list<string>  $names
     */
    public function compare(Thing $thing, array $names, FolderFiles $files, Taking $taking): void
    {
        foreach (array_chunk($files->ours ? $names : [], self::AT_ONCE) as $some) {
            $ids = array_map(
                fn (string $name): int => $this->written->names->idOf($thing->value, $name) ?? 0,
                array_combine($some, $some),
            );
            $written = $this->written
                ->of($thing, array_values(array_filter($ids, static fn (int $id): bool => $id > 0)));
            foreach ($ids as $name => $id) {
                $path = ShopFolder::path($thing, (string) $name);
                $files->wrote($path, isset($written[$id]) ? ShopFolder::text($written[$id]) : null)
                    || $taking->problem($path, FileFormatProblem::BothChanged->at());
            }
        }
    }

    /**
     * @param  array{id: int, given: array<string, mixed>, stands: array<string, mixed>|null}  $one
     * @return array<string, mixed> the fields that differ; all of a new thing
     */
    public function fields(Thing $thing, string $name, array $one, Taking $taking): array
    {
        $problems = [];
        $changed = $this->written->file->changed($thing, $one['stands'], $one['given'], $problems);
        foreach ($problems as $problem) {
            $taking->problem(ShopFolder::path($thing, $name), $problem);
        }

        if ($thing === Thing::Category && $one['stands'] === null && ! isset($changed['position'])) {
            $changed['position'] = 1 + (int) Category::query()->toBase()->max('position');
        }

        return $changed;
    }

    /**
     * Keeps the earlier address names of what was made.
     *
     * @param  array<string, array{id: int, given: array<string, mixed>, stands: array<string, mixed>|null}>  $opened
     * @param  array<string, int>  $numbers
     */
    public function keepEarlier(Thing $thing, array $opened, array $numbers): void
    {
        $rows = [];
        foreach ($opened as $one) {
            foreach ($one['stands'] === null ? self::earlierOf($one['given']) : [] as $slug) {
                $rows[] = [
                    'thing' => $thing->value,
                    'slug' => $slug,
                    'thing_id' => $numbers["$thing->value/{$one['id']}"] ?? 0,
                    'until' => now('UTC')->toDateTimeString(),
                ];
            }
        }
        foreach (array_chunk($rows, 200) as $some) {
            OldAddressName::query()->toBase()->insert($some);
        }
    }

    /**
     * @param  array<string, mixed>  $given
     * @param  array<string, mixed>|null  $written
     */
    private function earlier(string $path, array $given, ?array $written, Taking $taking): void
    {
        $earlier = self::earlierOf($given);
        if (($given['earlierAddressNames'] ?? []) !== $earlier
            || ($written !== null && $earlier !== ($written['earlierAddressNames'] ?? []))) {
            $taking->problem($path, FileFormatProblem::EarlierNames->at('earlierAddressNames'));
        }
    }

    /**
     * @param  array<string, mixed>  $given
     * @return list<string>
     */
    private static function earlierOf(array $given): array
    {
        return array_values(array_filter(
            is_array($given['earlierAddressNames'] ?? null) ? $given['earlierAddressNames'] : [],
            static fn (mixed $slug): bool => is_string($slug) && AddressName::isGood($slug),
        ));
    }

    /** @param  array<string, mixed>  $given */
    private function unknownKeys(Thing $thing, string $path, array $given, Taking $taking): void
    {
        $known = [
            'vestibra',
            'format',
            'earlierAddressNames',
            ...array_keys(ThingFile::fields($thing)),
            ...$thing === Thing::Product ? ['facts', 'variants'] : [],
        ];
        foreach (array_diff(array_keys($given), $known) as $key) {
            $taking->problem(
                $path,
                FileFormatProblem::UnknownKey->at(mb_substr($key, 0, 60), ['key' => mb_substr($key, 0, 60)]),
            );
        }
    }
}
