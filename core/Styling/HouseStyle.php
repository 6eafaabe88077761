<?php

declare(strict_types=1);

namespace Vestibra\Core\Styling;

/**
 * The shop-wide styles as tokens. A local setting names a colour by its role or a distance by its step, so that one
 * change here shows everywhere.
 *
 * @api
 */
final readonly class HouseStyle
{
    /** Distances in pixels by step, where a house style says no others. */
    public const STEPS = [0, 4, 8, 12, 20, 32, 48, 72, 112];

    /** How many sizes of letters there are: the second is that of plain words. */
    public const SIZES = 8;

    /** Shadows that a style can name => in words. */
    public const SHADOWS = ['shadow-soft' => 'soft', 'shadow-lifted' => 'lifted'];

    /** @param  array<string, string>  $own token => value, where it differs from what is usual */
    private function __construct(private array $own)
    {
    }

    public static function standard(): self
    {
        return new self([]);
    }

    /** @return list<string> the roles a colour can be named by */
    public static function roles(): array
    {
        return HouseTokens::roles();
    }

    /**
     * Unknown tokens and values that they do not take are left out; what is missing is as usual.
     *
     * @param  array<array-key, mixed>  $stored
     */
    public static function fromStored(array $stored): self
    {
        $own = [];
        foreach (HouseTokens::all() as $name => $token) {
            $value = $stored[$name] ?? null;
            $value = is_string($value) && $token->kind === TokenKind::Pixels
                ? preg_replace('/px$/D', '', $value)
                : $value;
            if (is_string($value)
                && ($value !== $token->usual || $token->follows !== '' || $token->scaled !== null)
                && $token->takes($value)) {
                $own[$name] = $value;
            }
        }

        return new self($own);
    }

    /** @return array<string, string> every token with its value */
    public function tokens(): array
    {
        return array_map(fn (HouseToken $token): string => (string) $this->token($token->name), HouseTokens::all());
    }

    /** @return array<string, string> what differs from the usual */
    public function own(): array
    {
        return $this->own;
    }

    public function token(string $name): ?string
    {
        $token = HouseTokens::all()[$name] ?? null;

        return $this->own[$name] ?? match (true) {
            $token?->scaled !== null => $this->size($token->scaled),
            $token === null || $token->follows === '' => $token?->usual,
            default => $this->token($token->follows),
        };
    }

    /** @return array<string, string> token => CSS, for showing what stands behind a setting */
    public function shown(): array
    {
        $shown = [];
        foreach (HouseTokens::all() as $name => $token) {
            $shown[$name] = $token->kind->css((string) $this->token($name));
        }

        return $shown;
    }

    public function css(): string
    {
        $declarations = [];
        foreach (HouseTokens::all() as $name => $token) {
            if ($token->always || isset($this->own[$name])) {
                $declarations[] = $token->css((string) $this->token($name));
            }
        }

        return ':root{'.implode(';', $declarations).'}';
    }

    /** A size of letters that is not set by hand: plain words times the ratio to the power of its place above them. */
    private function size(int $place): string
    {
        return (string) round(
            (float) $this->token('text-size') * (float) $this->token('scale-ratio') ** ($place - 1),
            1,
        );
    }
}
