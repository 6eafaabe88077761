<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Catalogue\FactBook;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Templates\EditReader;
use Vestibra\Core\Templates\Ids;
use Vestibra\Core\Templates\TreeReader;

/** Reads the edits of a template. */
final readonly class StoredEdits
{
    private TreeReader $trees;

    public function __construct(
        Composer $composer,
        private FactBook $facts,
        private ShopClock $clock,
        Ids $ids,
    ) {
        $this->trees = new TreeReader($composer->schema, $ids);
    }

    /** A rule is checked against the facts as they are, which are asked for only then. */
    public function reader(Template $template): EditReader
    {
        return new EditReader(
            $this->trees,
            fn (): ReachReader => new ReachReader(
                RuleFields::standard(),
                $this->clock->zone,
                self::kind($template),
                $this->facts->all(),
            ),
            static fn (string $id): ?string => self::kindIn($template->draft_tree['page'] ?? null, $id),
        );
    }

    /** By whose rules a reach is read; what stands on pages has an empty one, which every kind reads. */
    public static function kind(Template $template): PageKind
    {
        return $template->isPage() ? $template->knownKind() : $template->seenOn();
    }

    /** The kind of the block with an id in a stored tree; null where there is none. */
    private static function kindIn(mixed $node, string $id): ?string
    {
        if (! is_array($node)) {
            return null;
        }
        if (($node['id'] ?? null) === $id) {
            return is_string($node['kind'] ?? null) ? $node['kind'] : null;
        }
        foreach (is_array($node['children'] ?? null) ? $node['children'] : [] as $child) {
            $kind = self::kindIn($child, $id);
            if ($kind !== null) {
                return $kind;
            }
        }

        return null;
    }
}
