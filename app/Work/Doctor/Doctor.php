<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Doctor;

use LogicException;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Ground\DiskRoom;
use Vestibra\App\Ground\Files\StoredFiles;
use Vestibra\App\Ground\Models\Picture;
use Vestibra\App\Ground\Models\StoredFile;
use Vestibra\App\Lists\Orders\KeptOrders;
use Vestibra\App\Reach\Numbers\KeepingCounts;
use Vestibra\App\Reach\Rules\KeepingVerdicts;
use Vestibra\App\Reach\Rules\KindRulesReader;
use Vestibra\App\Reach\Rules\ReachCounts;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Catalogue\Sql\ProductIndex;
use Vestibra\App\Records\Models\Catalogue\Link;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\Catalogue\Variant;
use Vestibra\App\Records\Models\Fallback;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Work\Doctor\Sql\DatabaseChecks;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\PageKinds;

/**
 * Looks whether everything that is kept is sound.
 *
 * @phpstan-type Finding array{what: string, words: string, mended: bool}
 */
final readonly class Doctor
{
    /** Bytes that a shop's day takes: uploads, its log, what SQLite lays beside the database. */
    private const ROOM = 200_000_000;

    public function __construct(
        private StoredDrafts $stored,
        private KindRulesReader $contests,
        private DiskRoom $room,
        private KeepingVerdicts $verdicts,
        private KeptOrders $orders,
        private KeepingCounts $counts,
    ) {
    }

    /** @return list<Finding> */
    public function examine(bool $mend): array
    {
        $look = DatabaseLook::begin();
        DatabaseChecks::mapped();
        $findings = [
            ...$this->trees(),
            ...$this->fallbacks(),
            ...$this->rules(),
            ...$this->derived($mend),
            ...$this->verdicts($mend),
            ...$this->orders($mend),
            ...$this->counts($mend),
            ...Leftovers::examine($mend),
            ...$this->files($mend),
            ...$this->room(),
        ];

        return [...$this->database($look), ...$findings];
    }

    /** @return list<Finding> */
    private function database(DatabaseLook $look): array
    {
        $findings = [];
        $loose = count(DatabaseChecks::loose());
        if (! $look->isSound()) {
            $findings[] = self::finding('database', 'The database is damaged. Restore the latest backup.');
        }
        if ($loose > 0) {
            $findings[] = self::finding(
                'database',
                Counted::of($loose, 'row names', 'rows name').' something that is not there.',
            );
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function trees(): array
    {
        $findings = [];
        foreach (Template::query()->cursor() as $template) {
            foreach (['draft' => $template->draft_tree, 'live' => $template->live_tree] as $which => $tree) {
                try {
                    $tree === null || $this->stored->tree($tree);
                } catch (LogicException $error) {
                    $findings[] = self::finding(
                        'tree',
                        "The $which of “{$template->name}” cannot be read: {$error->getMessage()}",
                    );
                }
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function fallbacks(): array
    {
        $findings = [];
        foreach (PageAddresses::kinds() as $kind) {
            $many = PageKinds::standard()->get($kind)->subject()->many();
            $row = Fallback::query()->toBase()
                ->join('templates', 'templates.id', '=', 'fallbacks.template_id')
                ->where('fallbacks.page_kind', $kind->value)
                ->first(['templates.live_revision']);
            if ($row === null) {
                $findings[] = self::finding('fallback', "There is no fallback for pages of $many.");
            } elseif ($row->live_revision === null) {
                $findings[] = self::finding('fallback', "The fallback for pages of $many is not live.");
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function rules(): array
    {
        $findings = [];
        $names = Template::query()->toBase()->pluck('name', 'id');
        $candidates = array_merge(
            [],
            ...array_map(fn (PageKind $kind): array => $this->contests->all($kind)->candidates, PageAddresses::kinds()),
        );
        foreach ($candidates as $candidate) {
            $dead = count(ReachCounts::dead($candidate));
            if ($dead > 0) {
                $findings[] = self::finding(
                    'rule',
                    "“{$names[$candidate->templateId]}” has "
                        .Counted::of($dead, 'condition that names', 'conditions that name')
                        .' only what was deleted.',
                );
            }
        }

        return $findings;
    }

    /** @return list<Finding> what is kept beside products and has gone stale */
    private function derived(bool $mend): array
    {
        $stale = [];
        foreach (Product::query()->toBase()->orderBy('id')
            ->select(['id', 'title', 'title_folded', 'variant_count', 'review_count'])
            ->cursor() as $row) {
            if ($row->title_folded !== Folding::fold($row->title)) {
                $stale[$row->id] = $row->id;
            }
        }
        foreach (DatabaseChecks::stale() as $row) {
            $stale[$row->id] = $row->id;
        }
        if ($mend) {
            ProductIndex::refresh(...array_values($stale));
        }

        return $stale === [] ? [] : [self::finding(
            'stale',
            Counted::of(count($stale), 'product has', 'products have')
                .' numbers beside them that are not true any more.',
            $mend,
        )];
    }

    /** @return list<Finding> which template pages have, as it is kept, against asking every page */
    private function verdicts(bool $mend): array
    {
        $wrong = $this->verdicts->wrong();
        $mend && $wrong > 0 && $this->verdicts->rebuild();

        return $wrong === 0 ? [] : [self::finding(
            'verdict',
            Counted::of($wrong, 'page is', 'pages are').' kept with another template than the rules give.',
            $mend,
        )];
    }

    /** @return list<Finding> what orders of lists go by, as it is kept, against asking every product */
    private function orders(bool $mend): array
    {
        $wrong = $this->orders->wrong();
        $mend && $wrong > 0 && $this->orders->rebuild();

        return $wrong === 0 ? [] : [self::finding(
            'order',
            Counted::of($wrong, 'product is', 'products are')
                .' kept with another price, saving or rating than customers see.',
            $mend,
        )];
    }

    /** @return list<Finding> how many products sets of them have, as it is kept, against counting them */
    private function counts(bool $mend): array
    {
        $wrong = $this->counts->wrong();
        $mend && $wrong > 0 && $this->counts->rebuild();

        return $wrong === 0 ? [] : [self::finding(
            'count',
            Counted::of($wrong, 'number of products is', 'numbers of products are').' not true any more.',
            $mend,
        )];
    }

    /** @return array<string, string> what is kept beside the database => where it lies */
    public static function folders(): array
    {
        return ['pictures' => config()->string('vestibra.pictures'), 'files' => config()->string('vestibra.files')];
    }

    /** @return list<Finding> pictures and files that are missing, or not as they were written */
    private function files(bool $mend): array
    {
        $missing = $changed = [];
        foreach (self::folders() as $folder => $place) {
            $mend && StoredFiles::noteAll($folder, $place);
            foreach (StoredFile::query()->toBase()->where('folder', $folder)->orderBy('name')->cursor() as $row) {
                $path = "$place/$row->name";
                if (! is_file($path)) {
                    $missing[] = "$folder/$row->name";
                } elseif (filesize($path) !== (int) $row->bytes || hash_file('sha256', $path) !== $row->sha256) {
                    $changed[] = "$folder/$row->name";
                }
            }
        }
        foreach (Picture::query()->toBase()->where('state', 'ready')->distinct()->pluck('file') as $file) {
            is_file(config()->string('vestibra.pictures')."/$file-400.webp") || $missing[] = "pictures/$file-400.webp";
        }
        $unused = Picture::query()
            ->toBase()
            ->whereNotIn('id', Link::in('product_pictures')->toBase()->select('picture_id'))
            ->whereNotIn('id', Variant::query()->toBase()->whereNotNull('picture_id')->select('picture_id'))->count();

        return array_values(array_filter([
            $missing === [] ? null : self::finding(
                'picture',
                self::several(array_values(array_unique($missing)), 'is missing', 'are missing')
                    .' Restore a backup, or put them in anew.',
            ),
            $changed === [] ? null : self::finding(
                'changed',
                self::several($changed, 'is not as it was written', 'are not as they were written')
                    .' Restore a backup, or put them in anew.',
            ),
            $unused === 0
                ? null
                : self::finding('unused', Counted::of($unused, 'picture is', 'pictures are').' used by no product.'),
        ]));
    }

    /** @return list<Finding> before the disk is full, when nothing could be kept any more */
    private function room(): array
    {
        $database = config()->string('database.connections.sqlite.database');
        // A backup lies there once, and once more while it is tried whether it could be restored.
        $backup = (is_file($database) ? (int) filesize($database) : 0)
            + (int) StoredFile::query()->toBase()->sum('bytes');
        $folder = dirname($database);

        return $this->room->takes($folder, 2 * $backup + self::ROOM) ? [] : [self::finding(
            'room',
            'Room is getting short: '
                .self::megabytes((int) $this->room->free($folder))
                .' are left on the disk, and a backup takes up to '
                .self::megabytes(2 * $backup)
                .' while it is made and checked. Make room before it is full, when nothing could be kept any more.',
        )];
    }

    private static function megabytes(int $bytes): string
    {
        return number_format($bytes / 1_000_000, $bytes < 10_000_000 ? 1 : 0).' MB';
    }

    /** @param  non-empty-list<string>  $names */
    public static function several(array $names, string $one, string $many): string
    {
        $shown = implode(', ', array_slice($names, 0, 3));

        return count($names) < 2
            ? "$shown $one."
            : Counted::of(count($names), 'file')." $many: $shown".(count($names) > 3 ? ', …' : '').'.';
    }

    /** @return Finding */
    public static function finding(string $what, string $words, bool $mended = false): array
    {
        return ['what' => $what, 'words' => $words, 'mended' => $mended];
    }
}
