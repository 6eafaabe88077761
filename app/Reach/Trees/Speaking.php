<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Trees;

use Vestibra\App\Records\Models\Template;
use Vestibra\Core\Composing\Composer;
use Vestibra\Core\Templates\Definition;

/** Which live templates, parts and own blocks hold a block that says some of the messages. */
final readonly class Speaking
{
    public function __construct(
        private Composer $composer,
        private TreeNames $names,
    ) {
    }

    /**
     * @param  list<string>  $keys  of messages
     * @return list<object{id: int, role: string, product_id: int|null, fact_id: int|null}>
     */
    public function of(array $keys): array
    {
        $families = array_unique(array_map(static fn (string $key): string => explode('.', $key)[0], $keys));
        $kinds = array_map(
            static fn (Definition $one): string => $one->kind,
            array_filter(
                $this->composer->schema->all(),
                static fn (Definition $one): bool => array_intersect($one->messages, $families) !== [],
            ),
        );
        $live = array_filter(
            $kinds === [] ? [] : $this->names->holding(TreeNames::BLOCK, $kinds),
            static fn (array $tree): bool => $tree['live'],
        );
        /** @var list<object{id: int, role: string, product_id: int|null, fact_id: int|null}> $rows */
        $rows = Template::query()->toBase()->whereIntegerInRaw('id', array_column($live, 'template'))
            ->get(['id', 'role', 'product_id', 'fact_id'])
            ->all();

        return $rows;
    }
}
