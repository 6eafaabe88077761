<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Files;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use stdClass;
use Vestibra\App\Ground\DiskRoom;
use Vestibra\App\Ground\Models\ShopFile as ShopFileRow;
use Vestibra\App\Ground\Problems\FileProblem;
use Vestibra\App\Ground\Sql\Containing;
use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Messages\Messages;
use Vestibra\Core\Problem;

/**
 * What the shop keeps besides pictures: downloads, films and their captions.
 *
 * @phpstan-type Row array{id: int, name: string, use: 'download'|'film'|'captions', address: string, size: string,
 *     bytes: int, width: int, height: int, seconds: int, captions: int|null, captionsName: string|null,
 *     poster: int|null}
 *
 * @shape ShopFile Row
 * @shape FilePage array{files: list<ShopFile>, more: bool, total: int}
 */
final readonly class Files
{
    public const PAGE = 24;

    public const MOST_BYTES = 60_000_000;

    public const MOST_CAPTIONS = 1_000_000;

    private const ROOM = 20_000_000;

    private const KEPT_DAYS = 30;

    public function __construct(
        private string $folder,
        private Judge $judge,
        private Messages $messages,
        private DiskRoom $room = new DiskRoom,
    ) {
    }

    /**
     * @param  string  $path  where the upload lies
     * @param  string|null  $exactly  the name that it is kept by, where it has one already
     * @return int|Problem its number
     */
    public function take(FileUse $use, string $path, string $name, ?string $exactly = null): int|Problem
    {
        $this->purge();
        $bytes = (int) @filesize($path);
        if ($bytes > ($use === FileUse::Captions ? self::MOST_CAPTIONS : self::MOST_BYTES)) {
            return FileProblem::TooHeavy
                ->at('', ['name' => $name, 'most' => $use === FileUse::Captions ? '1 MB' : '60 MB']);
        }
        if ($bytes === 0) {
            return FileProblem::Empty->at('', ['name' => $name]);
        }
        $judged = $this->judge->of($use, $path, $name);
        if ($judged instanceof Problem) {
            return $judged;
        }
        $base = pathinfo($name, PATHINFO_FILENAME);
        $file = $exactly
            ?? mb_substr(Str::slug($base) ?: $use->value, 0, 60).'-'.bin2hex(random_bytes(6)).".$judged->ending";
        is_dir($this->folder) || @mkdir($this->folder, 0o755, true);
        if (! $this->room->takes($this->folder, $bytes + self::ROOM) || ! @copy($path, "$this->folder/$file")) {
            @unlink("$this->folder/$file");

            return FileProblem::NoRoom->at('', ['name' => $name]);
        }

        return DB::transaction(function () use ($use, $base, $file, $judged, $bytes): int {
            StoredFiles::note('files', "$this->folder/$file");

            return (int) ShopFileRow::query()->toBase()->insertGetId([
                'use' => $use->value,
                'name' => mb_substr($base, 0, 100).".$judged->ending",
                'file' => $file,
                'type' => $judged->type,
                'bytes' => $bytes,
                'width' => $judged->width,
                'height' => $judged->height,
                'seconds' => $judged->seconds,
                'made_at' => now('UTC')->toDateTimeString(),
            ]);
        });
    }

    /** @return array{files: list<Row>, more: bool, total: int} the newest first */
    public function page(?FileUse $use, string $query, int $page): array
    {
        $found = ShopFileRow::query()->toBase()->whereNull('gone_at');
        if ($use !== null) {
            $found->where('use', $use->value);
        }
        if ($query !== '') {
            Containing::text($found, $query, 'name');
        }
        $total = $found->count();
        $rows = $found->orderByDesc('id')->offset(($page - 1) * self::PAGE)->limit(self::PAGE)->get();

        return [
            'files' => $this->rows(array_values($rows->all())),
            'more' => $total > $page * self::PAGE,
            'total' => $total,
        ];
    }

    /**
     * @param  list<int>  $ids
     * @return list<Row> in the order asked for
     */
    public function some(array $ids): array
    {
        $rows = array_column(
            $this->rows(array_values(ShopFileRow::query()->toBase()->whereIntegerInRaw('id', $ids)->get()->all())),
            null,
            'id',
        );

        return array_values(array_filter(array_map(static fn (int $id): ?array => $rows[$id] ?? null, $ids)));
    }

    /** Deletes for good what was deleted a month ago. */
    private function purge(): void
    {
        foreach (ShopFileRow::query()->toBase()
            ->where('gone_at', '<', now('UTC')->subDays(self::KEPT_DAYS)->toDateTimeString())
            ->get(['id', 'file']) as $row) {
            ShopFileRow::query()->toBase()->where('id', $row->id)->delete();
            @unlink($this->path($row->file));
            StoredFiles::forget('files', $row->file);
        }
    }

    /** What belongs to a film: null takes it away. */
    public function describe(int $film, ?int $captions, ?int $poster): void
    {
        ShopFileRow::query()->toBase()->where('id', $film)
            ->where('use', FileUse::Film->value)
            ->update(['captions_id' => $captions, 'poster_id' => $poster]);
    }

    public function path(string $file): string
    {
        return "$this->folder/$file";
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, ShopFile> with the captions of films
     */
    public static function read(array $ids): array
    {
        if ($ids === []) {
            return [];
        }
        $list = implode(',', $ids);
        $files = [];
        foreach (ShopFileRow::query()->toBase()
            ->whereIntegerInRaw('id', $ids)
            ->orWhereIn('id', ShopFileRow::query()->toBase()->select('captions_id')->whereIntegerInRaw('id', $ids))
            ->get() as $row) {
            $files[$row->id] = self::file($row);
        }

        return $files;
    }

    private static function file(stdClass $row): ShopFile
    {
        return new ShopFile(
            $row->id,
            $row->name,
            $row->file,
            $row->type,
            $row->bytes,
            $row->width,
            $row->height,
            $row->seconds,
            $row->captions_id,
            $row->poster_id,
        );
    }

    /**
     * @param  list<stdClass>  $rows
     * @return list<Row>
     */
    private function rows(array $rows): array
    {
        $captions = ShopFileRow::query()->toBase()
            ->whereIntegerInRaw('id', array_filter(array_column($rows, 'captions_id')))
            ->pluck('name', 'id');

        return array_map(fn (stdClass $row): array => [
            'id' => $row->id,
            'name' => $row->name,
            'use' => $row->use,
            'address' => "/files/$row->file",
            'size' => self::file($row)->size($this->messages),
            'bytes' => $row->bytes,
            'width' => $row->width,
            'height' => $row->height,
            'seconds' => $row->seconds,
            'captions' => $row->captions_id,
            'captionsName' => $row->captions_id === null ? null : (string) $captions[$row->captions_id],
            'poster' => $row->poster_id,
        ], $rows);
    }
}
