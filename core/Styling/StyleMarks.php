<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * The attributes by which a page's blocks are found by their styles. Each styled block has one of its own name, so that
 * a browser need not compare every block with every rule.
 *
 * @api
 */
final class StyleMarks
{
    /** @var array<string, int> block => its number */
    private array $numbers = [];

    private function __construct(private readonly bool $lasting, private readonly string $of = '')
    {
    }

    /** The same for a block whatever else is on the page: for the canvas, where single parts are drawn again. */
    public static function lasting(): self
    {
        return new self(true);
    }

    /**
     * As short as can be, counted in the order in which they are first asked for.
     *
     * @param  string  $of  a letter of its own for each tree on a page
     */
    public static function short(string $of = ''): self
    {
        return new self(false, $of);
    }

    public function of(string $blockId): string
    {
        return 'data-s'
            .($this->lasting ? "-$blockId" : $this->of.($this->numbers[$blockId] ??= count($this->numbers) + 1));
    }

    /** Null for a block that has none. */
    public function known(string $blockId): ?string
    {
        return $this->lasting || isset($this->numbers[$blockId]) ? $this->of($blockId) : null;
    }
}
