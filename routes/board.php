<?php

declare(strict_types=1);

use App\Http\Controllers\BoardController;
use Illuminate\Support\Facades\Route;

// Pure functions of the address: no session, no cookie but the house style's.
Route::get('/board', [BoardController::class, 'show'])->name('board');
Route::get('/figure.svg', [BoardController::class, 'figure'])->name('figure');
