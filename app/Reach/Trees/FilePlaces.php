<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Trees;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Models\ShopFile;
use Vestibra\App\Ground\Problems\FileProblem;
use Vestibra\App\Records\Models\Catalogue\FactValue;
use Vestibra\Core\Catalogue\FactKind;
use Vestibra\Core\Problem;

/**
 * Where a file is used: on templates and parts, as a fact of products, as captions of films.
 *
 * @phpstan-type Place array{words: string, address: string|null}
 *
 * @shape FilePlace Place
 */
final readonly class FilePlaces
{
    public function __construct(private WhereNamed $named)
    {
    }

    /** @return list<Place> at most 50 of each */
    public function of(int $file): array
    {
        $places = [];
        foreach (array_slice($this->named->places($file, 'film', 'file'), 0, 50) as $place) {
            $places[] = ['words' => "“{$place['name']}”", 'address' => "/studio/templates/{$place['id']}"];
        }
        $products = FactValue::query()->toBase()
            ->join('facts', 'facts.id', '=', 'fact_values.fact_id')
            ->join('products', 'products.id', '=', 'fact_values.product_id')
            ->where('facts.kind', FactKind::Files->value)
            ->where('fact_values.number', $file)
            ->orderBy('products.title_folded')
            ->limit(50)
            ->get(['products.id', 'products.title', 'facts.name']);
        foreach ($products as $row) {
            $places[] = ['words' => "$row->name of $row->title", 'address' => "/studio/products/$row->id"];
        }
        foreach (ShopFile::query()->toBase()->where('captions_id', $file)->orderBy('name')->limit(50)->get(
            ['name'],
        ) as $row) {
            $places[] = ['words' => "captions of $row->name", 'address' => null];
        }

        return $places;
    }

    /** Deletes a file that is used nowhere; it can be taken back for a month. */
    public function letGo(int $file): ?Problem
    {
        return DB::transaction(function () use ($file): ?Problem {
            $places = $this->of($file);
            if ($places !== []) {
                return FileProblem::Used
                    ->at('', ['where' => implode(', ', array_column(array_slice($places, 0, 5), 'words'))]);
            }
            ShopFile::query()->toBase()->where('id', $file)->update(['gone_at' => now('UTC')->toDateTimeString()]);

            return null;
        });
    }

    public function takeBack(int $file): void
    {
        ShopFile::query()->toBase()->where('id', $file)->update(['gone_at' => null]);
    }
}
