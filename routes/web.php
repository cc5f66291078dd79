<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// One shell page; the interface finds its own way from there.
Route::view('/{path?}', 'shell')->where('path', '(?!api/|up$|build/).*');
