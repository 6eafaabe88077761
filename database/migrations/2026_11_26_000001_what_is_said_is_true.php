<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('troubles', static function (Blueprint $table): void {
            $table->boolean('draft')->default(false);
        });
        Schema::table('users', static function (Blueprint $table): void {
            $table->dateTime('closed_at')->nullable();
        });
        Schema::create('stored_files', static function (Blueprint $table): void {
            $table->string('folder');
            $table->string('name');
            $table->unsignedBigInteger('bytes');
            $table->string('sha256', 64);
            $table->primary(['folder', 'name']);
        });
        foreach (DB::table('users')->get(['id', 'email']) as $user) {
            $taken = DB::table('users')->where('id', '!=', $user->id)
                ->where('email', mb_strtolower($user->email))
                ->exists();
            $taken || DB::table('users')->where('id', $user->id)->update(['email' => mb_strtolower($user->email)]);
        }
        DB::statement(
            "create trigger users_stay before delete on users begin select raise(abort, 'Accounts are closed, not "
                ."deleted.'); end",
        );
    }
};
