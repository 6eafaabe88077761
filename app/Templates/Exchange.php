<?php

declare(strict_types=1);

namespace Vestibra\App\Templates;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Models\Template;
use Vestibra\App\Models\User;
use Vestibra\App\Pages\PagesOfTheShop;
use Vestibra\App\Reach\Contests;
use Vestibra\App\ShopClock;
use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Fields;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Templates\Ids;
use Vestibra\Core\Templates\Named;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TreeProblem;
use Vestibra\Core\Templates\TreeReader;

/**
 * One template as a file and back. An import is never live and takes over no reach: it is written beside the tree,
 * and taken over only where somebody chooses so.
 */
final readonly class Exchange
{
    public const FORMAT = 1;

    private ShopZone $zone;

    public function __construct(
        private Composer $composer,
        private Contests $contests,
        private StoredDrafts $stored,
        private Templates $templates,
        private Ids $ids,
        ShopClock $clock,
    ) {
        $this->zone = $clock->zone;
    }

    /** @return array<string, mixed> with the names of its pictures */
    public function export(Template $template): array
    {
        $tree = $this->stored->tree($template->draft_tree);

        return [
            'vestibra' => 'template',
            'format' => self::FORMAT,
            'name' => $template->name,
            'pageKind' => $template->page_kind,
            'tree' => TreeReader::write($tree),
            'reach' => $this->contests->stored($template->draft_reach, $template->knownKind())->toArray(),
            'pictures' => $this->pictures($tree),
        ];
    }

    /**
     * @param  bool  $withReach  the reach in the file is taken over into the draft, as somebody chose
     * @return Template|non-empty-list<Problem>
     */
    public function import(mixed $file, User $author, bool $withReach = false): Template|array
    {
        if (! is_array($file) || ($file['vestibra'] ?? null) !== 'template') {
            return [TemplateProblem::ImportNotATemplate->at()];
        }
        if (($file['format'] ?? null) !== self::FORMAT) {
            return [TreeProblem::UnknownFormat->at('format', ['known' => self::FORMAT])];
        }
        $kind = is_string($file['pageKind'] ?? null) && PagesOfTheShop::knows($file['pageKind']) ? PageKind::from($file['pageKind']) : null;
        if ($kind === null) {
            return [TemplateProblem::ImportPageKind->at()];
        }
        $tree = (new TreeReader($this->composer->schema, $this->ids))->parseTree($file['tree'] ?? null);
        if (! $tree instanceof Node) {
            return $tree;
        }
        if ($tree->kind !== 'page') {
            return [TreeProblem::NotAPage->at('page', ['kind' => $tree->kind])];
        }
        $name = is_string($file['name'] ?? null) && trim($file['name']) !== '' ? mb_substr(mb_scrub(trim($file['name'])), 0, 80) : 'Imported';

        $reach = $withReach ? (new ReachReader(Fields::standard(), $this->zone, $kind))->parse($file['reach'] ?? null) : new Reach;
        if (is_array($reach)) {
            return $reach;
        }
        $template = $this->templates->fromTree($name, $tree, $author, $kind);
        $template->update(['draft_reach' => $reach->toArray()]);

        return $template;
    }

    /** @return list<array{id: int, file: string, alt: string}> */
    private function pictures(Node $tree): array
    {
        $ids = array_keys(Named::in($tree, $this->composer->schema)['picture'] ?? []);
        $pictures = [];
        foreach (DB::table('pictures')->whereIntegerInRaw('id', $ids)->get(['id', 'file', 'alt']) as $row) {
            $pictures[] = ['id' => $row->id, 'file' => $row->file, 'alt' => $row->alt];
        }

        return $pictures;
    }
}
