<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\Core\Pages\PageKind;
use Vestibra\Core\Pages\SinglePage;
use Vestibra\Core\Pages\Subject;
use Vestibra\Core\Pages\SubjectKind;

/** The page about the shop itself. */
final readonly class AboutPages extends SinglePages
{
    public function kind(): PageKind
    {
        return PageKind::About;
    }

    protected function subject(): Subject
    {
        return new SinglePage(SubjectKind::About, 'About the shop', 'about');
    }
}
