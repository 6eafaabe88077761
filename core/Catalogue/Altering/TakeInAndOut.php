<?php

declare(strict_types=1);

namespace Vestibra\Core\Catalogue\Altering;

use Vestibra\Core\Catalogue\Changing\CatalogueProblem;
use Vestibra\Core\Catalogue\Changing\Thing;
use Vestibra\Core\Catalogue\Changing\ThingFields;
use Vestibra\Core\Problem;

/**
 * Products get some categories or tags and lose others; the rest stay. Whoever loses the main category has the first
 * of those that are left, and whoever has none gets the first that comes.
 *
 * @internal
 */
final readonly class TakeInAndOut implements Alteration
{
    /**
     * @param  'categories'|'tags'  $field
     * @param  list<int>  $in
     * @param  list<int>  $out
     */
    public function __construct(
        private string $field,
        private array $in,
        private array $out,
    ) {
    }

    public function thing(): Thing
    {
        return Thing::Product;
    }

    public function of(array $fields): array|Problem
    {
        $has = is_array($fields[$this->field] ?? null) ? array_filter($fields[$this->field], is_int(...)) : [];
        $list = array_values(array_unique([...array_diff($has, $this->out), ...$this->in]));
        sort($list);
        $most = ThingFields::of(Thing::Product)[$this->field]->most;
        if (count($list) > $most) {
            return CatalogueProblem::TooMany->at($this->field, ['field' => $this->field, 'most' => $most]);
        }
        $main = $fields['mainCategory'] ?? null;

        return [$this->field => $list] + ($this->field === 'categories' && ! in_array($main, $list, true)
            ? ['mainCategory' => $this->in[0] ?? $list[0] ?? null]
            : []);
    }
}
