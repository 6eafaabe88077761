<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\App\Records\Settings\PageAddresses;
use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SinglePage;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;

/** The page that the shop begins with. */
final readonly class HomePages extends SinglePages
{
    public function kind(): PageKind
    {
        return PageKind::Home;
    }

    protected function subject(): Subject
    {
        return new SinglePage(SubjectKind::Home, 'Home page', PageAddresses::HOME);
    }
}
