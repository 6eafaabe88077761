<?php

declare(strict_types=1);

namespace Vestibra\App\PagesOut;

use Vestibra\App\Ground\Files\Files;
use Vestibra\App\Ground\Models\Picture as PictureRow;
use Vestibra\App\Records\Catalogue\ProductReader;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Catalogue\Picture;
use Vestibra\Core\Catalogue\Product;
use Vestibra\Core\Catalogue\ShopFile;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Templates\Named;
use Vestibra\Core\Templates\Node;

/**
 * The pictures and files that a tree names, and those that it shows of a product's facts. One query for each, and none
 * where there are none.
 */
final readonly class NamedThings
{
    public function __construct(private Composer $composer)
    {
    }

    /** @return array{pictures: array<int, Picture>, files: array<int, ShopFile>} */
    public function of(Node $tree, Subject ...$subjects): array
    {
        $named = Named::in($tree, $this->composer->schema);
        $pictures = array_keys($named['picture'] ?? []);
        $files = [...array_keys($named['film'] ?? []), ...array_keys($named['file'] ?? [])];
        $all = $this->showsAllFacts($tree);
        foreach ($subjects as $subject) {
            foreach ($subject instanceof Product ? $subject->facts : [] as $fact) {
                $isNamed = isset($named['fact'][$fact->fact->id]);
                match (true) {
                    $fact->fact->kind === FactKind::Picture && $isNamed => array_push($pictures, ...$fact->numbers()),
                    $fact->fact->kind === FactKind::Files && ($isNamed || $all) => array_push(
                        $files,
                        ...$fact->numbers(),
                    ),
                    default => null,
                };
            }
        }
        $read = Files::read(array_values(array_unique($files)));
        foreach ($read as $file) {
            if ($file->posterId !== null) {
                $pictures[] = $file->posterId;
            }
        }

        return ['pictures' => self::pictures(array_values(array_unique($pictures))), 'files' => $read];
    }

    private function showsAllFacts(Node $tree): bool
    {
        foreach ($tree->walk() as $node) {
            if ($this->composer->schema->definition($node->kind)?->showsAllFacts === true) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<int>  $ids
     * @return array<int, Picture>
     */
    private static function pictures(array $ids): array
    {
        $pictures = [];
        foreach ($ids === [] ? [] : PictureRow::query()->toBase()->whereIn('id', $ids)->get() as $row) {
            $pictures[$row->id] = ProductReader::picture($row);
        }

        return $pictures;
    }
}
