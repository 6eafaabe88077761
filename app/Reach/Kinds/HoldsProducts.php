<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Kinds;

use Vestibra\Core\Pages\Subject;

/** What a page shows whose subject is a set of products. In SQL a product is called `p`. */
interface HoldsProducts
{
    /** @return string SQL, the ids of the products that a subject holds */
    public function holding(Subject $subject): string;

    /**
     * @return string|null SQL, the place of a product called `p` in the order that the owner gave a subject's products;
     *     null where there is none
     */
    public function ownOrder(Subject $subject): ?string;
}
