<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Templates;

use Vestibra\App\Ground\Models\Picture;
use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Reach\Trees\StoredDrafts;
use Vestibra\App\Records\Models\Template;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Formats\FileFormatProblem;
use Vestibra\Core\Formats\TemplateFile;
use Vestibra\Core\Formats\TemplateFileReader;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Draft;
use Vestibra\Core\Templates\Ids;
use Vestibra\Core\Templates\InTemplate;
use Vestibra\Core\Templates\Named;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\PlacedParts;
use Vestibra\Core\Templates\TemplateRole;
use Vestibra\Core\Templates\TreeReader;

/**
 * One template as a file and back. An import is never live and takes over no reach: it is written beside the tree,
 * and taken over only where somebody chooses so.
 */
final readonly class Exchange
{
    private TemplateFileReader $reader;

    public function __construct(
        private Composer $composer,
        private StoredDrafts $stored,
        private Templates $templates,
        Ids $ids,
        ShopClock $clock,
    ) {
        $this->reader = new TemplateFileReader(new TreeReader($composer->schema, $ids), $clock->zone, [
            ...PageAddresses::kinds(),
            PageKind::Card,
        ]);
    }

    /** @return array<string, mixed> with the names of its pictures */
    public function export(Template $template): array
    {
        $draft = $this->stored->draft($template);

        return (new TemplateFile(
            $template->name,
            $template->exchangeKind() ?? abort(404),
            $draft->tree,
            $draft->reach,
            $this->pictures($draft->tree),
        ))->toArray();
    }

    /**
     * @param  bool  $withReach  the reach in the file is taken over into the draft, as somebody chose
     * @return Template|non-empty-list<Problem>
     */
    public function import(mixed $file, User $author, bool $withReach = false): Template|array
    {
        $read = $this->reader->parse($file, $withReach);
        if (is_array($read)) {
            return $read;
        }
        $inside = InTemplate::problem(
            $read->kind === PageKind::Card ? TemplateRole::Card : TemplateRole::Page,
            $read->kind,
            new Draft($read->tree, $read->reach),
            $this->composer->schema,
        );
        if ($inside !== null) {
            return [$inside];
        }
        $missing = $this->missingParts($read->tree);
        if ($missing !== []) {
            return array_map(
                static fn (int $part): Problem => FileFormatProblem::NoSuchPart->at('tree', ['number' => $part]),
                $missing,
            );
        }
        $template = $this->templates->fromTree($read->name, $read->tree, $author, $read->kind);
        $template->update(['draft_reach' => $read->reach->toArray()]);

        return $template;
    }

    /** @return list<int> */
    private function missingParts(Node $tree): array
    {
        $placed = PlacedParts::parts($tree, $this->composer->schema);
        $known = Template::query()->toBase()->whereIntegerInRaw('id', $placed)
            ->where('role', TemplateRole::Part->value)
            ->whereNull('let_go_at')
            ->pluck('id')
            ->all();

        return array_values(array_diff($placed, array_map(intval(...), $known)));
    }

    /** @return list<array{id: int, file: string, alt: string}> */
    private function pictures(Node $tree): array
    {
        $ids = array_keys(Named::in($tree, $this->composer->schema)['picture'] ?? []);
        $pictures = [];
        foreach (Picture::query()->toBase()->whereIntegerInRaw('id', $ids)->get(['id', 'file', 'alt']) as $row) {
            $pictures[] = ['id' => $row->id, 'file' => $row->file, 'alt' => $row->alt];
        }

        return $pictures;
    }
}
