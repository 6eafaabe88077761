<?php

declare(strict_types=1);

namespace Vestibra\Core\Formats;

use Vestibra\Core\Catalogue\ShopZone;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Problem;
use Vestibra\Core\Reach\Reach;
use Vestibra\Core\Reach\ReachReader;
use Vestibra\Core\Reach\RuleFields;
use Vestibra\Core\Templates\InTemplate;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TreeReader;

/**
 * Reads a template from a file that comes from anywhere (already decoded).
 *
 * @api
 */
final readonly class TemplateFileReader
{
    private const MOST_NAME = 80;

    private const KEYS = ['vestibra', 'format', 'name', 'pageKind', 'tree', 'reach', 'pictures'];

    /** @param  list<PageKind>  $kinds  of pages that the shop has templates for */
    public function __construct(
        private TreeReader $trees,
        private ShopZone $zone,
        private array $kinds,
    ) {
    }

    /**
     * @param  bool  $withReach  whether the reach is wanted: what is malformed in it is a problem only then
     * @return TemplateFile|non-empty-list<Problem>
     */
    public function parse(mixed $file, bool $withReach): TemplateFile|array
    {
        if (! is_array($file) || ($file['vestibra'] ?? null) !== 'template') {
            return [FileFormatProblem::NotATemplate->at()];
        }
        if (($file['format'] ?? null) !== TemplateFile::FORMAT) {
            return [FileFormatProblem::UnknownFormat->at('format', ['known' => TemplateFile::FORMAT])];
        }
        $unfit = self::unfit($file);
        if ($unfit !== []) {
            return $unfit;
        }
        $kind = is_string($file['pageKind'] ?? null) ? PageKind::tryFrom($file['pageKind']) : null;
        if ($kind === null || ! in_array($kind, $this->kinds, true)) {
            return [FileFormatProblem::PageKind->at('pageKind')];
        }
        $tree = $this->trees->parseTree($file['tree'] ?? null);
        if (! $tree instanceof Node) {
            return $tree;
        }
        if ($tree->kind !== InTemplate::root($kind)) {
            return [FileFormatProblem::NotAPage->at('tree', ['kind' => $tree->kind])];
        }
        $reach = $withReach
            ? (new ReachReader(RuleFields::standard(), $this->zone, $kind))->parse($file['reach'] ?? null)
            : new Reach;

        return is_array($reach) ? $reach : new TemplateFile(self::name($file['name'] ?? null), $kind, $tree, $reach);
    }

    /**
     * @param  array<array-key, mixed>  $file
     * @return list<Problem>
     */
    private static function unfit(array $file): array
    {
        $problems = [];
        foreach (array_diff(array_map(strval(...), array_keys($file)), self::KEYS) as $key) {
            $problems[] = FileFormatProblem::UnknownKey
                ->at(mb_scrub(mb_substr($key, 0, 60)), ['key' => mb_scrub(mb_substr($key, 0, 60))]);
        }
        $name = $file['name'] ?? '';
        if (! is_string($name) || ! mb_check_encoding($name, 'UTF-8') || preg_match('/\p{Cc}/u', $name) === 1) {
            $problems[] = FileFormatProblem::NameNoText->at('name');
        }

        return $problems;
    }

    private static function name(mixed $name): string
    {
        $words = is_string($name) ? trim($name) : '';

        return $words === '' ? 'Imported' : mb_substr($words, 0, self::MOST_NAME);
    }
}
