<?php

declare(strict_types=1);

namespace Vestibra\App\Reach\Pages;

use Vestibra\Core\Pages\PageKind;

final readonly class FooterPages extends AroundPages
{
    public function kind(): PageKind
    {
        return PageKind::Footer;
    }
}
