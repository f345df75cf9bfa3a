// SPDX-License-Identifier: MIT
// Qt's headers that widgets and panels read.
#pragma once
#include "qt.h"
#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSlider>
#include <QTableView>
#include <QVBoxLayout>
#include <QWidget>
