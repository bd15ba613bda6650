<?php

declare(strict_types=1);

use App\Http\Controllers\DemonstrationController;
use Illuminate\Support\Facades\Route;

Route::get('/demonstrations', [DemonstrationController::class, 'show'])->name('demonstrations');
