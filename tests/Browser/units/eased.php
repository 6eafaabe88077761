<?php

declare(strict_types=1);

// Numbers said at random for some widths, and what they come to by the core. One argument: the seed. Prints JSON.

require dirname(__DIR__, 3).'/vendor/autoload.php';

use Vestibra\Core\Styling\Eased;

mt_srand((int) ($argv[1] ?? 1));
$cases = [];
for ($case = 0; $case < 500; $case++) {
    $own = [];
    foreach (['desktop', 'tablet', 'phone'] as $width) {
        $own[$width] = mt_rand(0, 2) === 0 ? null : mt_rand(1, 9);
    }
    $phone = mt_rand(1, 4);
    $most = ['tablet' => mt_rand($phone, 6), 'phone' => $phone];
    $cases[] = ['own' => $own, 'most' => $most, 'counts' => Eased::at($own, $most)];
}
echo json_encode($cases, JSON_THROW_ON_ERROR);
