<?php

declare(strict_types=1);

namespace Vestibra\App\Ground\Pictures;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\Queue;
use Vestibra\App\Ground\Models\Job;
use Vestibra\App\Ground\Models\Picture;
use Vestibra\Core\Catalogue\PictureSizes;

/** Pictures that are not kept in all sizes yet: those just taken in, and those of a version that made fewer. */
final readonly class WaitingPictures
{
    public static function count(): int
    {
        return self::rows()->count();
    }

    /** @return int|null the number of the first of them after another one; null when there is none */
    public static function next(int $after = 0): ?int
    {
        $id = self::rows()->where('id', '>', $after)->orderBy('id')->value('id');

        return is_int($id) ? $id : null;
    }

    /** Whether somebody is to make them. */
    public static function areInHand(): bool
    {
        return Job::query()->toBase()
            ->where(static fn (Builder $job): Builder => $job
                ->where('payload', 'like', '%MakeSizes%')
                ->orWhere('payload', 'like', '%MakeWaiting%'))
            ->exists();
    }

    /** Puts the work into the queue, where it is not there yet. */
    public static function queue(): void
    {
        self::count() === 0 || self::areInHand() || Queue::push(new MakeWaiting);
    }

    private static function rows(): Builder
    {
        return Picture::query()->toBase()->whereNotNull('original')->where('state', '!=', 'broken')
            ->where(static function (Builder $waiting): void {
                $waiting->where('state', 'new');
                foreach (PictureSizes::ALL as $at => $size) {
                    $narrower = PictureSizes::ALL[$at - 1] ?? 0;
                    $waiting->orWhere(static fn (Builder $one): Builder => $one
                        ->where('width', '>', $size > PictureSizes::ON_PHONES ? $narrower : 0)
                        ->where('made', '<', $size));
                }
            });
    }
}
