<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Trees;

use Illuminate\Support\Facades\DB;
use Vestibra\App\Ground\Problems\FileProblem;
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
        $products = DB::select(
            "select p.id, p.title, f.name from fact_values v join facts f on f.id = v.fact_id and f.kind = 'files' "
                .'join products p on p.id = v.product_id where v.number = ? order by p.title_folded limit 50',
            [$file],
        );
        foreach ($products as $row) {
            $places[] = ['words' => "$row->name of $row->title", 'address' => "/studio/products/$row->id"];
        }
        foreach (DB::select('select name from files where captions_id = ? order by name limit 50', [$file]) as $row) {
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
            DB::table('files')->where('id', $file)->update(['gone_at' => now('UTC')->toDateTimeString()]);

            return null;
        });
    }

    public function takeBack(int $file): void
    {
        DB::table('files')->where('id', $file)->update(['gone_at' => null]);
    }
}
