<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * One decision of a house style.
 *
 * @shape HouseToken array{name: string, label: string, use: string, group: string,
 *     kind: 'paint'|'role'|'font'|'pixels'|'number'|'shadow', usual: string, follows: string, groupWords: string,
 *     least: float|null, most: float|null}
 *
 * @api
 */
final readonly class HouseToken
{
    /**
     * @param  string  $use  what it is for, in the shopkeeper's words
     * @param  string  $usual  what holds where a house style says nothing
     * @param  string  $follows  the token that decides while it says nothing itself
     * @param  int|null  $scaled  its place on the scale of sizes, which decides while it says nothing itself
     * @param  bool  $always  whether the shop's style sheets need it said: others stand in them with what is usual
     */
    public function __construct(
        public string $name,
        public string $label,
        public string $use,
        public string $group,
        public TokenKind $kind,
        public string $usual,
        public ?float $least = null,
        public ?float $most = null,
        public bool $always = false,
        public string $follows = '',
        public ?int $scaled = null,
    ) {
    }

    public function takes(string $value): bool
    {
        return $this->kind->takes($value)
            && ($this->least === null || (float) $value >= $this->least)
            && ($this->most === null || (float) $value <= $this->most);
    }

    public function css(string $value): string
    {
        return "--$this->name:".$this->kind->css($value);
    }

    /** @return array<string, mixed> */
    public function describe(): array
    {
        return [
            'name' => $this->name,
            'label' => $this->label,
            'use' => $this->use,
            'group' => $this->group,
            'kind' => $this->kind->value,
            'usual' => $this->usual,
            'follows' => $this->follows,
            'least' => $this->least,
            'most' => $this->most,
        ];
    }
}
