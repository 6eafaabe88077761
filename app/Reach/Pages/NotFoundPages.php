<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\App\Ground\ShopClock;
use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\App\Records\Settings\ShopMessages;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SinglePage;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;

/** What customers see at an address where nothing is. Older addresses have led on before. */
final readonly class NotFoundPages extends SinglePages
{
    public function __construct(
        ShopClock $clock,
        private ShopMessages $messages,
    ) {
        parent::__construct($clock);
    }

    public function kind(): PageKind
    {
        return PageKind::NotFound;
    }

    protected function subject(): Subject
    {
        return new SinglePage(
            SubjectKind::NotFound,
            $this->messages->live()->say('error.nothing'),
            PageAddresses::NOT_FOUND,
        );
    }
}
