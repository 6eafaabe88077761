<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Columns;

use Vestibra\App\Records\Catalogue\Categories;
use Vestibra\App\Records\Models\Catalogue\Rows;
use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Catalogue\Category;
use Vestibra\Core\Catalogue\Folding;
use Vestibra\Core\Pages\PageKind;

/**
 * Brands, categories, tags and templates by what a file calls them, and what it calls those and values of options. A
 * category is named by its path, as `Ink > Bottled inks`, or by its own name where no other is called so.
 */
final class RowNames
{
    public const STEP = ' > ';

    /** Letters that may be others. */
    private const FAR = 3;

    /** @var array<string, array<int, string>> things => number => name */
    private array $names = [];

    /** @var array<string, array<string, list<int>>> things => folded => numbers */
    private array $found = [];

    /** @var array<array-key, mixed>|null by number */
    private ?array $live = null;

    public function __construct(private readonly Categories $categories)
    {
    }

    /**
     * @param  string  $things  `brand`, `category`, `tag` or `template`
     * @return list<int> all that are called so
     */
    public function ids(string $things, string $written): array
    {
        $this->found[$things] ??= $this->folded($things);

        return $this->found[$things][self::fold($written)] ?? [];
    }

    public function name(string $things, int $id): string
    {
        return $this->all($things)[$id] ?? '';
    }

    /** Whether customers can be shown a page with a template. */
    public function isLive(int $template): bool
    {
        $this->live ??= Template::query()->toBase()->whereNotNull('live_revision')->pluck('id', 'id')->all();

        return isset($this->live[$template]);
    }

    /** What was probably meant by a name that nothing has. */
    public function meant(string $things, string $written): ?string
    {
        $short = mb_substr(self::fold($written), 0, 80);
        $best = [min(self::FAR, intdiv(mb_strlen($short) + 1, 2)) + 1, null];
        foreach ($this->all($things) as $name) {
            foreach ($things === 'category' ? [$name, $this->last($name)] : [$name] as $one) {
                $far = levenshtein($short, mb_substr(self::fold($one), 0, 80));
                $best = $far < $best[0] ? [$far, $name] : $best;
            }
        }

        return $best[1];
    }

    /** @return array<int, string> */
    public function all(string $things): array
    {
        return $this->names[$things] ??= match ($things) {
            'category' => $this->paths(),
            'template' => array_map(strval(...), Template::query()->toBase()->where('role', 'page')
                ->where('page_kind', PageKind::Product->value)
                ->whereNull('let_go_at')
                ->orderBy('hand_order')
                ->pluck('name', 'id')
                ->all()),
            'option-value' => self::optionValues(),
            default => array_map(strval(...), Rows::in($things.'s')->orderBy('id')->pluck('name', 'id')->all()),
        };
    }

    /** @return array<int, string> as `Colour: Navy` */
    private static function optionValues(): array
    {
        $names = [];
        foreach (Rows::in('option_values')->join('options', 'options.id', '=', 'option_values.option_id')
            ->get(['option_values.id', 'options.name', 'option_values.label']) as $row) {
            $names[(int) $row->id] = "$row->name: $row->label";
        }

        return $names;
    }

    /** @return array<string, list<int>> */
    private function folded(string $things): array
    {
        $found = [];
        foreach ($this->all($things) as $id => $name) {
            $found[self::fold($name)][] = $id;
        }
        foreach ($things === 'category' ? $this->all($things) : [] as $id => $path) {
            $last = self::fold($this->last($path));
            $last === self::fold($path) || $found[$last][] = $id;
        }

        return $found;
    }

    /** @return array<int, string> */
    private function paths(): array
    {
        $tree = $this->categories->tree();
        $paths = [];
        foreach (Rows::in('categories')->orderBy('id')->pluck('id')->all() as $id) {
            $paths[(int) $id] = implode(
                self::STEP,
                array_map(static fn (Category $one): string => $one->name, $tree->path((int) $id)),
            );
        }

        return $paths;
    }

    private function last(string $path): string
    {
        return array_slice(explode(self::STEP, $path), -1)[0];
    }

    private static function fold(string $name): string
    {
        return Folding::fold((string) preg_replace('/\s*>\s*/u', self::STEP, $name));
    }
}
