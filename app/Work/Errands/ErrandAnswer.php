<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Errands;

/** What came of an errand, as it is told to whoever asked for it. */
final readonly class ErrandAnswer
{
    /**
     * @param  int  $status  as of HTTP (RFC 9110, 15)
     * @param  array<string, mixed>  $body
     */
    public function __construct(
        public int $status,
        public array $body,
    ) {
    }

    public static function said(int $status, string $message): self
    {
        return new self($status, ['message' => $message]);
    }
}
