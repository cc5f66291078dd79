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
        Schema::table('shops', function (Blueprint $table): void {
            $table->char('currency', 3)->default('EUR'); // ISO 4217
        });
        Schema::create('lots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('number', 40);
            $table->string('cut_slug', 60);
            $table->string('grade', 60)->nullable(); // scale:value
            $table->decimal('thickness_mm', 6, 1)->nullable(); // null: a whole piece, cut to order
            $table->integer('left_g')->nullable(); // null: can be ordered, as much as is wanted
            $table->unsignedInteger('price_per_kg_minor');
            $table->date('aged_from')->nullable();
            $table->string('packed', 8);
            $table->string('origin', 40)->default('');
            $table->date('use_by')->nullable();
            $table->boolean('parasite_frozen')->default(false);
            $table->boolean('pierced')->default(false);
            $table->unsignedSmallInteger('lead_days')->default(0); // 0: in the case
            $table->timestamps();
            $table->unique(['shop_id', 'number']);
            $table->index(['shop_id', 'cut_slug']);
        });
        DB::statement('ALTER TABLE lots ADD CONSTRAINT lots_never_below_nothing CHECK (left_g IS NULL OR left_g >= 0)');
        Schema::create('lot_moves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('lot_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignUlid('ticket_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 12);
            $table->integer('change_g');
            $table->integer('left_g');
            $table->string('reason', 60)->nullable();
            $table->timestamp('created_at')->useCurrent();
        });
        Schema::table('tickets', function (Blueprint $table): void {
            $table->foreignId('lot_id')->nullable()->constrained()->nullOnDelete();
            $table->unsignedInteger('sold_g')->nullable();
            $table->unsignedInteger('price_minor')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('tickets', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('lot_id');
            $table->dropColumn(['sold_g', 'price_minor']);
        });
        Schema::dropIfExists('lot_moves');
        Schema::dropIfExists('lots');
        Schema::table('shops', fn (Blueprint $table) => $table->dropColumn('currency'));
    }
};
