<?php

declare(strict_types=1);

namespace Vestibra\App\Work\Drafting;

use Vestibra\Core\Templates\TreeFormats;

/** Who tries to make a step of work, and on what it was made. */
final readonly class StepAttempt
{
    /**
     * @param  int|null  $base  the revision it was made on; null: the newest, whatever it is
     * @param  string|null  $window  one open drawing table
     * @param  string|null  $key  the same for every try at the same step, so that it is made once
     * @param  string|null  $gesture  one run of typing or one slide shares it
     * @param  bool  $knowingly  somebody has seen the conflict and decided for this step
     * @param  bool  $passOver  the step that would be taken back is left as it is; the one before it is taken back
     * @param  int  $format  in which its edits were written
     */
    public function __construct(
        public ?int $base = null,
        public ?string $window = null,
        public ?string $key = null,
        public ?string $gesture = null,
        public bool $knowingly = false,
        public bool $passOver = false,
        public int $format = TreeFormats::CURRENT,
    ) {
    }
}
