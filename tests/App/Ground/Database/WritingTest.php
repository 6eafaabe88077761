<?php

declare(strict_types=1);

namespace Vestibra\Tests\App\Ground\Database;

use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use Vestibra\Tests\App\TestCase;

/** Two who change the shop at the same moment: the second waits, and neither fails for the other. */
final class WritingTest extends TestCase
{
    public function test_whoever_begins_a_change_has_the_right_to_write_from_the_start(): void
    {
        $other = $this->other();
        DB::transaction(static function () use ($other): void {
            self::assertSame('locked', self::tries($other));
            DB::table('templates')->count();
            DB::table('house_styles')->update(['live' => '{}']);
        });
        self::assertSame('written', self::tries($other));
    }

    public function test_a_change_that_fails_leaves_the_way_free(): void
    {
        $other = $this->other();
        try {
            DB::transaction(static fn () => throw new PDOException('Broken on purpose.'));
        } catch (PDOException) {
            self::assertSame('written', self::tries($other));
        }
    }

    public function test_while_somebody_else_writes_a_change_waits_and_says_so_in_the_end(): void
    {
        $other = $this->other();
        DB::statement('pragma busy_timeout = 50');
        $other->exec('begin immediate');
        try {
            DB::transaction(static fn (): int => DB::table('templates')->count());
            self::fail('It was begun beside another change.');
        } catch (PDOException $error) {
            self::assertStringContainsString('locked', $error->getMessage());
        }
        $other->exec('rollback');
        self::assertGreaterThan(0, DB::transaction(static fn (): int => DB::table('templates')->count()));
    }

    private function other(): PDO
    {
        $other = new PDO(
            'sqlite:'.config()->string('database.connections.sqlite.database'),
            options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
        );
        $other->exec('pragma busy_timeout = 0');

        return $other;
    }

    private static function tries(PDO $pdo): string
    {
        try {
            $pdo->exec('begin immediate');
            $pdo->exec('rollback');

            return 'written';
        } catch (PDOException $error) {
            return str_contains($error->getMessage(), 'locked') ? 'locked' : $error->getMessage();
        }
    }
}
