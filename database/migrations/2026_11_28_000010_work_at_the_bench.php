<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Lots out of lots, the queue of the bench and what was weighed there. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('lots', function (Blueprint $table): void {
            $table->decimal('trim_pct', 5, 2)->nullable(); // of it, as it lies, that comes off; null: as the cut usually is
        });
        Schema::create('makings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('loss_g');
            $table->timestamp('created_at')->useCurrent();
        });
        Schema::create('making_lots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('making_id')->constrained()->cascadeOnDelete();
            $table->foreignId('lot_id')->constrained()->cascadeOnDelete();
            $table->boolean('is_source'); // or what came out
            $table->unsignedInteger('g');
            $table->unique(['making_id', 'lot_id']);
            $table->index(['lot_id', 'is_source']);
        });
        DB::statement('ALTER TABLE making_lots ADD CONSTRAINT making_lots_weigh_something CHECK (g > 0)');
        Schema::create('bench_orders', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->foreignId('ticket_dish_id')->nullable()->unique()->constrained()->cascadeOnDelete(); // null: for the case
            $table->foreignId('lot_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('cutter_id')->nullable()->constrained('users')->nullOnDelete();
            $table->string('customer', 60)->nullable(); // who waits for it
            $table->string('cut_slug', 80);
            $table->string('cut_name', 80);
            $table->string('method', 20);
            $table->unsignedSmallInteger('pieces')->nullable();
            $table->decimal('thickness_mm', 6, 1);
            $table->json('work'); // a ticket's bench order
            $table->json('steps_done'); // their places, from 0
            $table->timestamp('due_at')->nullable(); // null: now, somebody waits
            $table->string('state', 12)->default('waiting');
            $table->unsignedInteger('before_g')->nullable();
            $table->unsignedInteger('after_g')->nullable();
            $table->timestamp('taken_at')->nullable();
            $table->timestamp('done_at')->nullable();
            $table->timestamps();
            $table->index(['shop_id', 'state']);
            $table->index(['shop_id', 'cut_slug', 'state']);
        });
        DB::statement(
            'ALTER TABLE bench_orders ADD CONSTRAINT bench_orders_nothing_out_of_nothing
            CHECK (after_g IS NULL OR before_g IS NULL OR after_g <= before_g)',
        );
    }

    public function down(): void
    {
        Schema::dropIfExists('bench_orders');
        Schema::dropIfExists('making_lots');
        Schema::dropIfExists('makings');
        Schema::table('lots', fn (Blueprint $table) => $table->dropColumn('trim_pct'));
    }
};
