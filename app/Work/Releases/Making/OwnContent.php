<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Releases\Making;

use Vestibra\App\Records\Models\Catalogue\FactValue;
use Vestibra\App\Records\Models\Template;

/**
 * Notes with a product whether it has its fact of the kind blocks filled: when the blocks are live, and there are any.
 */
final readonly class OwnContent
{
    public static function note(Template $content): void
    {
        $page = $content->live_tree['page'] ?? null;
        $filled = is_array($page) && ($page['children'] ?? []) !== [];
        FactValue::query()->toBase()->where('product_id', $content->product_id)
            ->where('fact_id', $content->fact_id)
            ->delete();
        if ($filled) {
            FactValue::query()->toBase()->insert([
                'product_id' => $content->product_id,
                'fact_id' => $content->fact_id,
                'position' => 0,
                'written' => (string) $content->id,
                'folded' => 'filled',
            ]);
        }
    }
}
