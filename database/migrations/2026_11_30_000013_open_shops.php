<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** Several shops on one installation: a code for each, sign-in names of its own, a first password that has to be changed. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shops', function (Blueprint $table): void {
            $table->string('code', 40)->nullable();
        });
        foreach (
            DB::table('shops')
                ->orderBy('id')
                ->get(['id', 'name']) as $shop
        ) {
            $code = Str::limit(Str::slug((string) $shop->name), 30, '') ?: 'shop';
            $isTaken = DB::table('shops')->where('code', $code)->exists();
            DB::table('shops')
                ->where('id', $shop->id)
                ->update(['code' => $isTaken ? "{$code}-{$shop->id}" : $code]);
        }
        Schema::table('shops', function (Blueprint $table): void {
            $table->unique('code');
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('must_change_password')->default(false);
            $table->dropUnique(['sign_in']);
            $table->unique(['shop_id', 'sign_in']);
            $table->index('sign_in');
        });
    }

    public function down(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->dropIndex(['sign_in']);
            $table->unique(['sign_in']);
            $table->dropColumn('must_change_password');
        });
        Schema::table('shops', function (Blueprint $table): void {
            $table->dropUnique(['code']);
            $table->dropColumn('code');
        });
    }
};
