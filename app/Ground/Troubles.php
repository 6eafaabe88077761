<?php

declare(strict_types=1);

namespace Vestibra\App\Ground;

use Throwable;
use Vestibra\App\Ground\Models\Trouble;

/** What went wrong in the shop, kept until somebody has seen to it. Writing it down never breaks a page. */
final class Troubles
{
    public function block(
        int $templateId,
        string $blockId,
        string $kind,
        int $subjectId,
        Throwable $error,
        bool $draft = false,
    ): void {
        try {
            Trouble::query()->toBase()->upsert([
                'template_id' => $templateId,
                'block_id' => $blockId,
                'kind' => $kind,
                'subject_id' => $subjectId,
                'draft' => $draft,
                'message' => mb_substr($error->getMessage(), 0, 500),
                'seen_at' => now(),
            ], ['template_id', 'block_id'], ['subject_id', 'draft', 'message', 'seen_at']);
        } catch (Throwable $other) {
            report($other);
        }
    }

    public function settle(int $id): void
    {
        Trouble::query()->toBase()->where('id', $id)->delete();
    }
}
