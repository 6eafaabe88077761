<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Bulk;

use Illuminate\Support\Facades\Cache;
use Vestibra\App\Reach\Kinds\PagesOfTheShop;
use Vestibra\App\Reach\Rules\TemplateNames;
use Vestibra\App\Records\Models\Pin;
use Vestibra\App\Records\Models\Release;
use Vestibra\App\Work\Releases\Impact;
use Vestibra\Core\Formats\Tables\TableWriter;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Releases\Changes;

/** What a release did with the pages that were meant, a line each: done, or unchanged and why. */
final readonly class LayoutReport
{
    private const AT_ONCE = 2_000;

    /** In seconds. */
    private const KEPT = 86_400;

    public function __construct(
        private Impact $impact,
        private PagesOfTheShop $pages,
    ) {
    }

    /**
     * Which pages were meant is kept for a day: by then a selection or a sentence holds others.
     *
     * @param  list<int>  $pages
     */
    public static function keep(Release $release, PageKind $kind, array $pages): void
    {
        Cache::put("pages of release $release->id", $kind->value.' '.pack('P*', ...$pages), self::KEPT);
    }

    /** @return iterable<string>|null lines of a file of rows; null: it is not known any more which pages were meant */
    public function of(Release $release): ?iterable
    {
        $kept = Cache::get("pages of release $release->id");
        [$kind, $packed] = explode(' ', is_string($kept) ? $kept : ' ', 2) + ['', ''];

        return $packed === '' ? null : $this->lines(
            $release,
            PageKind::from($kind),
            array_values(array_map(intval(...), (array) unpack('P*', $packed))),
        );
    }

    /**
     * @param  list<int>  $pages
     * @return iterable<string>
     */
    private function lines(Release $release, PageKind $kind, array $pages): iterable
    {
        $names = TemplateNames::all();
        yield TableWriter::MARK.TableWriter::row(['title', 'address', 'template before', 'template now', 'what',
            'why']);
        foreach (array_chunk($pages, self::AT_ONCE) as $some) {
            $before = $this->impact->winners($kind, $release->change_set->inverse(), $some);
            $now = $this->impact->winners($kind, Changes::of(), $some);
            $pins = $this->pins($kind, $some);
            foreach ($this->pages->get($kind)->rows($some) as $row) {
                $id = $row['id'];
                [$was, $is] = [$before[$id] ?? null, $now[$id] ?? null];
                yield TableWriter::row([
                    $row['title'],
                    $row['address'],
                    $was === null ? '' : $names[$was] ?? '',
                    $is === null ? '' : $names[$is] ?? '',
                    $is === null ? 'refused' : ($was === $is ? 'unchanged' : 'done'),
                    match (true) {
                        $is === null => 'it has no page that customers can see',
                        $was !== $is => '',
                        ($pins[$id] ?? null) === $is => 'pinned to it',
                        default => 'a rule that is closer or comes first, or it was shown with it already',
                    },
                ]);
            }
        }
    }

    /**
     * @param  non-empty-list<int>  $pages
     * @return array<int, int>
     */
    private function pins(PageKind $kind, array $pages): array
    {
        return array_map(intval(...), Pin::query()->toBase()->where('page_kind', $kind->value)
            ->whereIntegerInRaw('subject_id', $pages)
            ->pluck('template_id', 'subject_id')
            ->all());
    }
}
