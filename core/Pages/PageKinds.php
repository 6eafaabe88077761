<?php

declare(strict_types=1);

namespace Vestibra\Core\Pages;

use LogicException;
use Vestibra\Core\Pages\Kinds\AroundKind;
use Vestibra\Core\Pages\Kinds\BrandKind;
use Vestibra\Core\Pages\Kinds\CategoryKind;
use Vestibra\Core\Pages\Kinds\CollectionKind;
use Vestibra\Core\Pages\Kinds\ProductKind;
use Vestibra\Core\Pages\Kinds\SearchKind;
use Vestibra\Core\Pages\Kinds\SingleKind;
use Vestibra\Core\Pages\Kinds\TagKind;

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
            new ProductKind,
            new CategoryKind,
            new CollectionKind,
            new BrandKind,
            new TagKind,
            new SearchKind,
            new AroundKind(PageKind::Header),
            new AroundKind(PageKind::Footer),
            new SingleKind(PageKind::Home, SubjectKind::Home),
            new SingleKind(PageKind::AllProducts, SubjectKind::AllProducts, [Essential::Title, Essential::Products]),
            new SingleKind(PageKind::Cart, SubjectKind::Cart),
            new SingleKind(PageKind::Checkout, SubjectKind::Checkout),
            new SingleKind(PageKind::Thanks),
            new SingleKind(PageKind::NotFound, SubjectKind::NotFound),
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
