<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages;

use LogicException;
use Vestibra\Core\Pages\Kinds\AroundPages;
use Vestibra\Core\Pages\Kinds\BrandPages;
use Vestibra\Core\Pages\Kinds\CategoryPages;
use Vestibra\Core\Pages\Kinds\CollectionPages;
use Vestibra\Core\Pages\Kinds\ProductPages;
use Vestibra\Core\Pages\Kinds\SearchPages;
use Vestibra\Core\Pages\Kinds\SinglePages;
use Vestibra\Core\Pages\Kinds\TagPages;

/**
 * The one list of what kinds of pages there are. Another kind is one class and one line here.
 *
 * @api
 */
final readonly class PageKinds
{
    /** @param  array<string, KindOfPage>  $kinds */
    private function __construct(private array $kinds)
    {
    }

    public static function standard(): self
    {
        /** @var self|null $standard */
        static $standard = null;

        return $standard ??= self::of(
            new ProductPages,
            new CategoryPages,
            new CollectionPages,
            new BrandPages,
            new TagPages,
            new SearchPages,
            new AroundPages(PageKind::Header),
            new AroundPages(PageKind::Footer),
            new SinglePages(PageKind::Home, SubjectKind::Home),
            new SinglePages(PageKind::AllProducts, SubjectKind::AllProducts, [Essential::Title, Essential::Products]),
            new SinglePages(PageKind::Cart, SubjectKind::Cart),
            new SinglePages(PageKind::Checkout, SubjectKind::Checkout),
            new SinglePages(PageKind::Thanks),
            new SinglePages(PageKind::NotFound, SubjectKind::NotFound),
        );
    }

    /** @throws LogicException when two are of one kind */
    public static function of(KindOfPage ...$kinds): self
    {
        $byName = [];
        foreach ($kinds as $kind) {
            if (isset($byName[$kind->kind()->value])) {
                throw new LogicException("Two classes say what {$kind->kind()->value} is.");
            }
            $byName[$kind->kind()->value] = $kind;
        }

        return new self($byName);
    }

    /** @throws LogicException when nobody has said what such pages are */
    public function get(PageKind $kind): KindOfPage
    {
        return $this->kinds[$kind->value] ?? throw new LogicException("Nothing says what $kind->value is.");
    }

    public function knows(PageKind $kind): bool
    {
        return isset($this->kinds[$kind->value]);
    }

    /** @return list<KindOfPage> */
    public function all(): array
    {
        return array_values($this->kinds);
    }
}
