<?php

declare(strict_types=1);

namespace Vestibra\App\Doors\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Symfony\Component\Process\Process;
use Vestibra\App\Ground\Counted;
use Vestibra\App\Ground\Files\StoredFiles;
use Vestibra\App\Lists\Filters\FilterPacks;
use Vestibra\App\Lists\Orders\KeptOrders;
use Vestibra\App\Reach\Numbers\KeepingCounts;
use Vestibra\App\Reach\Rules\KeepingVerdicts;
use Vestibra\App\Records\Models\Catalogue\Product;
use Vestibra\App\Records\Models\User;
use Vestibra\App\Work\Templates\Fallbacks;
use Vestibra\Demo\BusyShop;
use Vestibra\Demo\Extras;
use Vestibra\Demo\Larkfold;
use Vestibra\Demo\MoreProducts;
use Vestibra\Demo\PictureFiles;
use Vestibra\Demo\Showcase;

final class DemoCommand extends Command
{
    use SaysProblems;

    public const EMAIL = 'owner@larkfold.example';

    public const PASSWORD = 'paper-and-ink';

    private const SHARES = 2;

    protected $signature = 'vestibra:demo {--products= : fill up to this many with generated ones} {--pictures= : '
        .'draw one share of the pictures, as 0/2} {--bare : without templates of its own} {--busy : with much laid '
        .'out, to measure} {--needed : say whether the database is empty} {--sign-in : say how to sign in} {--json}';

    protected $description = 'Fills an empty database with the demo shop Larkfold';

    public function handle(
        Fallbacks $fallbacks,
        Extras $extras,
        Showcase $showcase,
        BusyShop $busy,
        FilterPacks $packs,
        KeepingVerdicts $verdicts,
        KeptOrders $orders,
        KeepingCounts $counts,
    ): int {
        $folder = config()->string('vestibra.pictures');
        $share = $this->option('pictures');
        if (is_string($share) && preg_match('#^(\d+)/(\d+)$#', $share, $parts) === 1) {
            PictureFiles::draw($folder, (int) $parts[1], max(1, (int) $parts[2]));

            return self::SUCCESS;
        }
        if ($this->option('needed')) {
            $this->line(Product::query()->toBase()->doesntExist() && User::query()->doesntExist() ? 'yes' : 'no');

            return self::SUCCESS;
        }
        if ($this->option('sign-in')) {
            $this->line(
                User::query()->where('email', self::EMAIL)->exists()
                    ? 'sign in with '.self::EMAIL.' and '.self::PASSWORD
                    : '',
            );

            return self::SUCCESS;
        }
        $wanted = $this->option('products');
        $drawing = [];
        if (Product::query()->toBase()->doesntExist()) {
            $this->saysWhere();
            // Beside very many products they are drawn meanwhile; else a shop whose pictures fail stays empty.
            $drawing = self::startDrawing(is_string($wanted) ? 1 : self::SHARES);
            is_string($wanted) || self::waitFor($drawing);
            DB::transaction(fn () => $this->open($fallbacks, $extras, $showcase));
        }
        if (is_string($wanted) && (int) $wanted > Product::query()->toBase()->count()) {
            MoreProducts::fillUpTo(min(1_000_000, (int) $wanted));
        }
        if ($this->option('busy')) {
            $busy->fill(User::query()->where('role', User::OWNER)->oldest('id')->firstOrFail());
        }
        $packs->refresh();
        $verdicts->bringUp();
        $orders->bringUp();
        $counts->bringUp();
        self::waitFor($drawing);
        $drawing === [] || StoredFiles::noteAll('pictures', config()->string('vestibra.pictures'));
        $products = Product::query()->toBase()->count();
        $in = ['email' => self::EMAIL, 'password' => self::PASSWORD];
        $this->option('json')
            ? $this->line((string) json_encode(['products' => $products] + $in))
            : $this->info('Larkfold has '.Counted::of($products, 'product')
                .'. Sign in at /studio with '.implode(' and ', $in));

        return self::SUCCESS;
    }

    /** The shop with its owner, as it is on the first day. */
    private function open(Fallbacks $fallbacks, Extras $extras, Showcase $showcase): void
    {
        $owner = User::query()->create([
            'name' => 'Robin Larkfold',
            'email' => self::EMAIL,
            'password' => self::PASSWORD,
            'role' => User::OWNER,
        ]);
        (new Larkfold)->fill();
        $fallbacks->see($owner);
        $extras->add($owner);
        $this->option('bare') || $showcase->add($owner);
    }

    /** @return list<Process> each of which draws its share */
    private static function startDrawing(int $shares): array
    {
        $drawing = [];
        for ($share = 0; $share < $shares; $share++) {
            $process = new Process(
                [PHP_BINARY, base_path('artisan'), 'vestibra:demo', "--pictures=$share/$shares"],
                timeout: 600,
            );
            $process->start();
            $drawing[] = $process;
        }

        return $drawing;
    }

    /** @param  list<Process>  $processes */
    private static function waitFor(array $processes): void
    {
        foreach ($processes as $process) {
            if ($process->wait() !== 0) {
                throw new RuntimeException('The demo’s pictures could not be drawn: '.$process->getErrorOutput());
            }
        }
    }
}
