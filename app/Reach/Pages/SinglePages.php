<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Ground\Sql\Sql;
use Vestibra\App\Reach\Kinds\PagesOfKind;
use Vestibra\App\Reach\Kinds\PageSql;
use Vestibra\App\Reach\Pages\Sql\OwnPages;
use Vestibra\App\Reach\Pages\Sql\PagePieces;
use Vestibra\App\Reach\Pages\Sql\SingleSql;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Stored\Touched;
use Vestibra\Core\Pages\SinglePage;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Features;
use Vestibra\Core\Templates\Source;

/** Pages of which there is one: rules know nothing of them but the season. */
abstract readonly class SinglePages implements PagesOfKind
{
    use OwnPages;

    public function __construct(protected ShopClock $clock)
    {
    }

    abstract protected function subject(): Subject;

    public function table(): string
    {
        return PagePieces::SINGLE;
    }

    public function shown(): string
    {
        return '1';
    }

    public function title(): string
    {
        return 'p.title_folded';
    }

    public function sql(int $at, array $ruleCollections, bool $each = false): PageSql
    {
        return new SingleSql;
    }

    public function read(int $id): ?Subject
    {
        return $id === SinglePage::ID ? $this->subject() : null;
    }

    public function bySlug(string $slug): ?Subject
    {
        $subject = $this->subject();

        return $slug === $subject->slug() ? $subject : null;
    }

    public function features(Subject $subject): Features
    {
        return Features::single($this->kind(), $this->clock->now());
    }

    public function rows(array $ids): array
    {
        $subject = $this->subject();

        return in_array(SinglePage::ID, $ids, true)
            ? [[
                'id' => SinglePage::ID,
                'title' => $subject->title(),
                'slug' => $subject->slug(),
                'picture' => null,
                'address' => PageAddresses::address($this->kind(), $subject->slug()),
            ]]
            : [];
    }

    public function touched(Touched $touched): ?Sql
    {
        return null;
    }

    public function holding(Subject $subject): string
    {
        return PagePieces::NONE;
    }

    public function ownOrder(Subject $subject): ?string
    {
        return null;
    }

    public function awkward(): array
    {
        return [];
    }

    public function ordinary(): string
    {
        return '1';
    }

    public function filed(): string
    {
        return 'null';
    }

    public function richness(): string
    {
        return '1';
    }

    public function lacking(Source $source, int $number): ?Sql
    {
        return in_array($source, [Source::PageDescription, Source::PagePicture], true) ? new Sql('1') : null;
    }

    public function near(array $ids): array
    {
        return [];
    }
}
