<?php

declare(strict_types=1);

namespace Vestibra\App\Records\Models\Catalogue;

use Illuminate\Database\Query\Builder;
use Vestibra\App\Ground\Models\Picture;
use Vestibra\App\Ground\Models\ShopFile;
use Vestibra\App\Records\Models\DraftStep;
use Vestibra\App\Records\Models\DraftVersion;
use Vestibra\App\Records\Models\Fallback;
use Vestibra\App\Records\Models\FittingRun;
use Vestibra\App\Records\Models\Pin;
use Vestibra\App\Records\Models\Presence;
use Vestibra\App\Records\Models\PrivateLink;
use Vestibra\App\Records\Models\Shop\FilterWord;
use Vestibra\App\Records\Models\Shop\OldAddressName;
use Vestibra\App\Records\Models\Template;

/** The rows of a table that the catalogue has to do with, for what does the same with all of them. */
final class Rows
{
    private const MODELS = [
        'products' => Product::class,
        'variants' => Variant::class,
        'options' => Option::class,
        'option_values' => OptionValue::class,
        'categories' => Category::class,
        'collections' => Collection::class,
        'brands' => Brand::class,
        'tags' => Tag::class,
        'facts' => Fact::class,
        'fact_values' => FactValue::class,
        'reviews' => Review::class,
        'pictures' => Picture::class,
        'old_address_names' => OldAddressName::class,
        'pins' => Pin::class,
        'templates' => Template::class,
        'draft_steps' => DraftStep::class,
        'draft_versions' => DraftVersion::class,
        'fittings' => FittingRun::class,
        'private_links' => PrivateLink::class,
        'presences' => Presence::class,
        'fallbacks' => Fallback::class,
        'files' => ShopFile::class,
        'filter_words' => FilterWord::class,
    ];

    public static function in(string $table): Builder
    {
        return (isset(self::MODELS[$table]) ? self::MODELS[$table]::query() : Link::in($table))->toBase();
    }
}
