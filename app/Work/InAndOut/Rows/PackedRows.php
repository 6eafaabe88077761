<?php

declare(strict_types=1);

namespace Vestibra\App\Work\InAndOut\Rows;

/** A few bytes for each number, in one string: of a million things as many megabytes as bytes each, and no more. */
final class PackedRows
{
    private const AT_ONCE = 65_536;

    private string $bytes = '';

    /** @param  positive-int  $width  bytes of each */
    public function __construct(private readonly int $width)
    {
    }

    /** @return string zeros where nothing was set */
    public function get(int $id): string
    {
        return str_pad(substr($this->bytes, $id * $this->width, $this->width), $this->width, "\0");
    }

    /** @param  string  $value  of the width */
    public function set(int $id, string $value): void
    {
        $at = $id * $this->width;
        $missing = $at + $this->width - strlen($this->bytes);
        if ($missing > 0) {
            $this->bytes .= str_repeat("\0", $missing + self::AT_ONCE);
        }
        // Byte by byte, so that the rest is not copied.
        for ($byte = 0; $byte < $this->width; $byte++) {
            $this->bytes[$at + $byte] = $value[$byte] ?? "\0";
        }
    }
}
