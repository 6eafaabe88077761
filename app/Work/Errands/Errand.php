<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Errands;

use Vestibra\App\Ground\Progress;
use Vestibra\App\Records\Models\User;

/** Work that may take long and is done for one person, who may have gone away meanwhile. */
interface Errand
{
    /**
     * @param  array<string, mixed>  $given  what is to be done, as it was asked for
     * @param  Progress  $progress  told how far it is; it says whether to go on
     */
    public function do(User $user, array $given, Progress $progress): ErrandAnswer;

    /**
     * Whether it can be begun again where it was ended in the middle, as by a server that was stopped.
     *
     * @param  array<string, mixed>  $given
     */
    public function isRepeatable(array $given): bool;
}
