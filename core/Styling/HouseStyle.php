<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * The shop-wide styles as tokens. A local setting names a colour by its role or a distance by its step, so that one
 * change here shows everywhere.
 */
final readonly class HouseStyle
{
    /** Distances in pixels, by step. */
    public const STEPS = [0, 4, 8, 12, 20, 32, 48, 72, 112];

    /** @param  array<string, string>  $tokens name => CSS value */
    private function __construct(private array $tokens)
    {
    }

    public static function standard(): self
    {
        return new self([
            'colour-ink' => '#1f2a30',
            'colour-quiet' => '#5d666b',
            'colour-ground' => '#ffffff',
            'colour-surface' => '#eef1ef',
            'colour-line' => '#d8ddda',
            'colour-accent' => '#20343f',
            'colour-on-accent' => '#ffffff',
            'colour-sale' => '#a3262a',
            'colour-star' => '#9a6a12',
            'title-size' => '34px',
            'heading-size' => '24px',
            'price-size' => '26px',
            'text-size' => '16px',
            'corner' => '8px',
            'content-width' => '1200px',
        ]);
    }

    /** @return list<string> the roles a colour can be named by */
    public static function roles(): array
    {
        return ['ink', 'quiet', 'ground', 'surface', 'line', 'accent', 'on-accent', 'sale', 'star'];
    }

    /**
     * Unknown tokens and values that are not plain CSS values are left out; what is missing comes from the standard.
     *
     * @param  array<array-key, mixed>  $stored
     */
    public static function fromStored(array $stored): self
    {
        $tokens = self::standard()->tokens;
        foreach ($stored as $name => $value) {
            if (isset($tokens[$name]) && is_string($value) && preg_match('/^(#[0-9a-f]{6}|\d{1,4}px)$/D', $value) === 1) {
                $tokens[$name] = $value;
            }
        }

        return new self($tokens);
    }

    /** @return array<string, string> */
    public function tokens(): array
    {
        return $this->tokens;
    }

    public function token(string $name): ?string
    {
        return $this->tokens[$name] ?? null;
    }

    public function css(): string
    {
        $declarations = [];
        foreach ($this->tokens as $name => $value) {
            $declarations[] = "--$name:$value";
        }
        foreach (self::STEPS as $step => $pixels) {
            $declarations[] = "--step-$step:{$pixels}px";
        }

        return ':root{'.implode(';', $declarations).'}';
    }
}
