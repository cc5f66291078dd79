<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('own_cuts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('slug', 60);
            $table->json('record'); // in the form of core/data/schema/cut.json
            $table->timestamps();
            $table->unique(['shop_id', 'slug']);
        });
        Schema::create('own_names', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('cut_slug', 60);
            $table->string('place', 8);
            $table->string('name', 60);
            $table->timestamps();
            $table->unique(['shop_id', 'cut_slug', 'place', 'name']);
        });
        Schema::create('hidden_cuts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shop_id')->constrained()->cascadeOnDelete();
            $table->string('cut_slug', 60);
            $table->timestamps();
            $table->unique(['shop_id', 'cut_slug']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('hidden_cuts');
        Schema::dropIfExists('own_names');
        Schema::dropIfExists('own_cuts');
    }
};
