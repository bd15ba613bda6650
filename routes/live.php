<?php

declare(strict_types=1);

use App\Http\Controllers\BenchController;
use Illuminate\Support\Facades\Route;

// What is asked for while somebody types: no session, no cookie, nothing kept.
Route::get('/reading', [BenchController::class, 'reading'])->name('reading');
