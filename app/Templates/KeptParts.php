<?php

declare(strict_types=1);

namespace Vestibra\App\Templates;

use Illuminate\Support\Facades\DB;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Problem;
use Vestibra\Core\Templates\Ids;
use Vestibra\Core\Templates\Node;
use Vestibra\Core\Templates\TreeReader;

/**
 * Bands and blocks kept with their style, to be placed elsewhere as copies.
 *
 * @phpstan-type Part array{id: int, name: string, kind: string, node: array<string, mixed>}
 */
final readonly class KeptParts
{
    public const MOST = 100;

    public function __construct(
        private Composer $composer,
        private Ids $ids,
    ) {
    }

    /** @return list<Part> by name; one whose blocks are not known any more is left out */
    public function all(): array
    {
        $parts = [];
        foreach (DB::table('kept_parts')->orderBy('name')->orderBy('id')->limit(self::MOST)->get() as $row) {
            $node = $this->read(json_decode($row->node, true));
            if ($node instanceof Node) {
                $parts[] = ['id' => $row->id, 'name' => $row->name, 'kind' => $row->kind, 'node' => self::bare($node)];
            }
        }

        return $parts;
    }

    /**
     * @param  mixed  $node  untrusted
     * @return int|non-empty-list<Problem> its number
     */
    public function keep(string $name, mixed $node, int $userId): int|array
    {
        if (DB::table('kept_parts')->count() >= self::MOST) {
            return [new Problem('part.too-many', '', ['most' => self::MOST])];
        }
        $read = $this->read($node);
        if (! $read instanceof Node) {
            return $read;
        }

        return (int) DB::table('kept_parts')->insertGetId([
            'name' => $name,
            'kind' => $read->kind,
            'node' => json_encode(self::bare($read), JSON_THROW_ON_ERROR),
            'user_id' => $userId,
            'made_at' => now('UTC')->toDateTimeString(),
        ]);
    }

    /** What was placed from it stays as it is. */
    public function letGo(int $id): void
    {
        DB::table('kept_parts')->where('id', $id)->delete();
    }

    /** @return Node|non-empty-list<Problem> */
    private function read(mixed $node): Node|array
    {
        return (new TreeReader($this->composer->schema, $this->ids))->parseBlock($node);
    }

    /** @return array<string, mixed> without ids: every copy gets its own */
    private static function bare(Node $node): array
    {
        return array_diff_key($node->toArray(), ['id' => 1, 'children' => 1])
            + ($node->children === [] ? [] : ['children' => array_map(self::bare(...), $node->children)]);
    }
}
