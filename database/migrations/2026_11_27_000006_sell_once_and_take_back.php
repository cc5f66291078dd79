<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    /** Names that stand for one thing are compared sign by sign: "l1" is not "L1", and neither is "L1 ". */
    private const EXACT = [
        ['lots', 'number', 40],
        ['users', 'sign_in', 60],
        ['own_cuts', 'slug', 60],
        ['own_names', 'cut_slug', 60],
        ['own_names', 'name', 60],
        ['hidden_cuts', 'cut_slug', 60],
        ['customers', 'name', 60],
    ];

    public function up(): void
    {
        Schema::create('answers', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id'); // no foreign key: its lock on the shop would stand in the way of whoever waits to sell
            $table->string('once_key', 64)->collation('ascii_bin');
            $table->char('asked', 32); // fingerprint of what was asked
            $table->json('answer')->nullable();
            $table->timestamp('created_at')->useCurrent()->index();
            $table->unique(['shop_id', 'once_key']);
        });
        Schema::table('tickets', function (Blueprint $table): void {
            $table->timestamp('taken_back_at')->nullable();
        });
        Schema::table('lots', function (Blueprint $table): void {
            $table->boolean('stuffed')->default(false);
            $table->string('rearing', 8)->nullable(); // farmed or wild; null: nobody said
        });
        foreach (self::EXACT as [$name, $column, $length]) {
            DB::statement(
                "ALTER TABLE {$name} MODIFY {$column} VARCHAR({$length}) CHARACTER SET utf8mb4 COLLATE utf8mb4_nopad_bin NOT NULL",
            );
        }
    }

    public function down(): void
    {
        foreach (self::EXACT as [$name, $column, $length]) {
            DB::statement(
                "ALTER TABLE {$name} MODIFY {$column} VARCHAR({$length}) CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci NOT NULL",
            );
        }
        Schema::table('lots', fn (Blueprint $table) => $table->dropColumn(['stuffed', 'rearing']));
        Schema::table('tickets', fn (Blueprint $table) => $table->dropColumn('taken_back_at'));
        Schema::dropIfExists('answers');
    }
};
