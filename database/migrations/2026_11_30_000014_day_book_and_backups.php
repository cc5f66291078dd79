<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who did what, never to be written over; and when the last backup was made. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('day_book', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('shop_id'); // no key to anything: what is in the book stays, whatever goes
            $table->unsignedBigInteger('user_id')->nullable();
            $table->string('user_name', 80);
            $table->timestamp('at', 3)->useCurrent();
            $table->string('what', 40);
            $table->json('about');
            $table->index(['shop_id', 'at']);
            $table->index(['shop_id', 'what', 'at']);
        });
        foreach (['UPDATE', 'DELETE'] as $how) {
            DB::unprepared(
                'CREATE TRIGGER day_book_no_'.
                    strtolower($how).
                    " BEFORE {$how} ON day_book FOR EACH ROW ".
                    "SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the day book is not written over'",
            );
        }
        Schema::create('backups', function (Blueprint $table): void {
            $table->id();
            $table->timestamp('made_at')->useCurrent();
            $table->string('file', 200);
            $table->unsignedBigInteger('bytes');
            $table->char('sha256', 64);
        });
    }

    public function down(): void
    {
        Schema::drop('backups');
        Schema::drop('day_book'); // its triggers go with it
    }
};
