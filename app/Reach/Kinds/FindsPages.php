<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Kinds;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Reach\Features;

/**
 * The pages of one kind, one by one.
 *
 * @phpstan-type PageRow array{id: int, title: string, slug: string, picture: string|null, address: string}
 *
 * @shape PageRow
 */
interface FindsPages
{
    public function kind(): PageKind;

    /** One page, whether customers can see it or not. */
    public function read(int $id): ?Subject;

    public function bySlug(string $slug): ?Subject;

    /** What rules ask of a page, in memory. */
    public function features(Subject $subject): Features;

    /**
     * One query, whatever their number.
     *
     * @param  list<int>  $ids
     * @return list<PageRow> in the order asked for
     */
    public function rows(array $ids): array;
}
