# SPDX-FileCopyrightText: 2026 The Wedgeon developers
# SPDX-License-Identifier: GPL-3.0-or-later
# Warnings and sanitizers that every target of ours is built with.

# Headers of libraries and of the language, read once for all sources of a target. Every source still
# includes what it uses: the preset lint reads them without (WEDGEON_PCH=OFF). The core goes without, so
# that the preset core-only and the whole share its objects in ccache.
function(wedgeon_precompile target)
  if(WEDGEON_PCH)
    target_precompile_headers(${target} PRIVATE ${ARGN})
    if(CMAKE_CXX_COMPILER_ID STREQUAL "GNU" AND CMAKE_CXX_COMPILER_VERSION VERSION_LESS 13)
      # Precompiled, the same bug shows in two more ways.
      target_compile_options(${target} PRIVATE -Wno-stringop-overflow -Wno-array-bounds)
    endif()
  endif()
endfunction()

# For code that waits for people, disks and toolkits: what it computes is computed in the core.
function(wedgeon_light target)
  target_compile_options(${target} PRIVATE $<$<CONFIG:Release>:-O1>)
endfunction()

# What ships is hardened as the distribution's own programs are: checked copies, guarded stacks and
# branches, addresses by chance, tables that nothing writes once they are linked. scripts/check-package
# looks for it in the programs.
function(wedgeon_harden target)
  target_compile_options(${target} PRIVATE
    $<$<CONFIG:Release>:-fstack-protector-strong -fstack-clash-protection -Wformat
    -Werror=format-security -U_FORTIFY_SOURCE -D_FORTIFY_SOURCE=2>)
  if(CMAKE_SYSTEM_PROCESSOR MATCHES "x86_64|AMD64")
    target_compile_options(${target} PRIVATE $<$<CONFIG:Release>:-fcf-protection>)
  endif()
  target_link_options(${target} PRIVATE $<$<CONFIG:Release>:-Wl,-z,relro,-z,now>)
endfunction()

function(wedgeon_target target)
  target_compile_options(${target} PRIVATE -Wall -Wextra -Wpedantic -Wshadow -Wconversion)
  if(CMAKE_CXX_COMPILER_ID STREQUAL "GNU" AND CMAKE_CXX_COMPILER_VERSION VERSION_LESS 13)
    # GCC 12 warns of its own std::string concatenation (GCC bug 105651).
    target_compile_options(${target} PRIVATE -Wno-restrict)
  endif()
  if(WEDGEON_WERROR)
    target_compile_options(${target} PRIVATE -Werror)
  endif()
  if(NOT WEDGEON_SANITIZE)
    wedgeon_harden(${target})
  endif()
  if(WEDGEON_SANITIZE)
    # -g1: traces name functions and lines, and the build takes two thirds of the time.
    target_compile_options(${target} PRIVATE -fsanitize=${WEDGEON_SANITIZE} -g1
                                             -fno-omit-frame-pointer -fno-sanitize-recover=all)
    target_link_options(${target} PRIVATE -fsanitize=${WEDGEON_SANITIZE})
  endif()
  if(WEDGEON_GUIDED_FUZZ)
    target_compile_options(${target} PRIVATE -fsanitize=fuzzer-no-link)
  endif()
endfunction()
